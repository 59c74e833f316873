export const rows: number[] = [];
