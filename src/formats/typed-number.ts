/** A sign, digits, and at most one mark of the fraction: a point or a comma. */
const TYPED = /^[-−+]?(?:\d+(?:[.,]\d*)?|[.,]\d+)$/;

/**
 * A number as people type it: "3.5", "3,5" and "−3,5" are read alike. What could mean two things ("1.234,5", "1 000"),
 * or is no plain number ("1e3", "0x10"), is not guessed.
 * @returns `null` where it cannot be read
 */
export function readTypedNumber(text: string): number | null {
  const trimmed = text.trim();
  if (!TYPED.test(trimmed)) return null;
  return Number(trimmed.replace("−", "-").replace(",", "."));
}
