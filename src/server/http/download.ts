/** A file to be saved. @param text what it holds, or a stream of it @param name of the file; what is no plain letter or digit becomes a dash */
export function download(text: BodyInit, name: string, type: string): Response {
  const [, stem = "", ending = ""] = /^(.*)\.(\w+)$/.exec(name) ?? [];
  const plain =
    stem
      .normalize("NFKD")
      .replace(/[^A-Za-z0-9]+/g, "-")
      .replace(/^-+|-+$/g, "") || "umiak";
  return new Response(text, {
    headers: {
      "content-type": `${type}; charset=utf-8`,
      "content-disposition": `attachment; filename="${plain}.${ending}"`,
      "cache-control": "no-store",
    },
  });
}
