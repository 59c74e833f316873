import { existsSync, readdirSync } from "node:fs";
import path from "node:path";
import { pathToFileURL } from "node:url";

/**
 * Reads every built page before anybody asks for one: read at the first request, the largest holds up everybody for a
 * second and more.
 * @param {string} folder of a built server
 */
export async function readPages(folder) {
  const pages = path.join(folder, "pages");
  if (!existsSync(pages)) return; // where builds lay their pages elsewhere they are read as they are asked for
  const files = readdirSync(pages, { recursive: true, encoding: "utf8" }).filter((file) => file.endsWith(".mjs"));
  for (const file of files) await import(pathToFileURL(path.join(pages, file)).href);
}
