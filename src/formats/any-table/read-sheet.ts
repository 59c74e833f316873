import readXlsx from "read-excel-file/universal";
import { gridOfSheet, type GridRow } from "./grid";

/** Cells of the fullest sheet of a workbook (XLSX). @throws {Error} where it cannot be read */
export async function gridOfWorkbook(file: Blob): Promise<GridRow[]> {
  const sheets = await readXlsx(file);
  return sheets
    .map(({ data }) => gridOfSheet(data))
    .reduce<GridRow[]>((fullest, grid) => (grid.length > fullest.length ? grid : fullest), []);
}

/** Cells as a table of text, to be read as pasted ones are. */
export const textOfGrid = (grid: readonly GridRow[]): string =>
  grid.map(({ cells }) => cells.map((cell) => cell.replace(/[\t\n]/g, " ")).join("\t")).join("\n");
