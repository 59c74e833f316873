/** Hands a text to the browser as a file. */
export const saveFile = (name: string, type: string, text: string): void => saveBlob(name, new Blob([text], { type }));

/** The same of bytes. */
export function saveBlob(name: string, bytes: Blob): void {
  const url = URL.createObjectURL(bytes);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
