/** A cell that a spreadsheet would take for a formula is given as text (a leading apostrophe, taken off in reading). */
export const asText = (text: string): string => (/^[=+\-@\t\r']/.test(text) ? `'${text}` : text);

/** So that spreadsheets take a file for UTF-8. */
export const BYTE_ORDER_MARK = "\uFEFF";
