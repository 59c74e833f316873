import * as m from "@/messages";
import { isWorkbook } from "@/formats/any-table/workbook";
import { textOfFile } from "@/formats/table/text-of-file";

/**
 * Reads a file a person has chosen as the text of a table: a text in whichever encoding, or the fullest sheet of a workbook.
 * The reader of workbooks is fetched when the first one comes.
 * @throws {Error} with a message to show
 */
export async function readTableFile(file: File, mostBytes: number): Promise<string> {
  if (file.size > mostBytes) throw new Error(m.theFileIsLargerThanMb({ mostBytes: mostBytes / 1_000_000 }));
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (!isWorkbook(bytes)) return textOfFile(bytes).text;
  try {
    const { gridOfWorkbook, textOfGrid } = await import("@/formats/any-table/read-sheet");
    return textOfGrid(await gridOfWorkbook(file));
  } catch {
    throw new Error(m.thisWorkbookCannotBeReadSave);
  }
}
