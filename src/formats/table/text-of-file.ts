/** A text file as it was meant, and how it was written where that is not the usual way. */
export type FileText = { readonly text: string; readonly encoding: "UTF-8" | "UTF-16" | "Windows-1252" };

const UTF_16: readonly (readonly [label: string, mark: readonly [number, number]])[] = [
  ["utf-16le", [0xff, 0xfe]],
  ["utf-16be", [0xfe, 0xff]],
];

/** Reads bytes as text: UTF-16 where they begin as it does, UTF-8 where they are, else the old encoding of spreadsheets. */
export function textOfFile(bytes: Uint8Array): FileText {
  const wide = UTF_16.find(([, [first, second]]) => bytes[0] === first && bytes[1] === second);
  if (wide) return { text: new TextDecoder(wide[0]).decode(bytes), encoding: "UTF-16" };
  try {
    return { text: new TextDecoder("utf-8", { fatal: true }).decode(bytes), encoding: "UTF-8" };
  } catch {
    return { text: new TextDecoder("windows-1252").decode(bytes), encoding: "Windows-1252" };
  }
}
