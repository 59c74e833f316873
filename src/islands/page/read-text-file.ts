import { textOfFile } from "@/formats/table/text-of-file";

/** Reads a file a person has chosen as text, in whichever encoding it was written. */
export const readTextFile = async (file: File): Promise<string> =>
  textOfFile(new Uint8Array(await file.arrayBuffer())).text;
