/** Whether a file is a workbook by its first letters: those of a ZIP archive. */
export const isWorkbook = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;
