/** Text as it is compared: without capitals and accents, one space between words. */
export const folded = (text: string): string =>
  text
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[_\s]+/g, " ")
    .trim();

/** The words of a head: "Weight (g/m²)" has weight, g/m². */
export const wordsOf = (head: string): string[] =>
  folded(head.replace(/([a-zæøå])([A-Z])/g, "$1 $2"))
    .split(/[^\p{L}\d%°/²³€$£·.-]+/u)
    .map((word) => word.replace(/^[.\-/]+|[.\-/]+$/g, ""))
    .filter((word) => word !== "");
