const MEAN_LETTER_EM = 0.54; // of the letters used here

/** A text cut to what a width holds, with an ellipsis; nothing where not even three letters fit. */
export function fitText(text: string, widthPx: number, fontPx: number): string {
  const letters = Math.floor(widthPx / (fontPx * MEAN_LETTER_EM));
  if (text.length <= letters) return text;
  return letters < 4 ? "" : `${text.slice(0, letters - 1).trimEnd()}…`;
}
