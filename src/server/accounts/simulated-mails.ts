import { mkdir, readdir, readFile, writeFile } from "node:fs/promises";
import path from "node:path";
import { v7 as uuid } from "uuid";
import type { Mail, Mails } from "../ports/mails";

const MOST_SHOWN = 20;

/** Writes mails to a folder instead of sending them: for trying it out, and for whoever mails them from there. */
export const simulatedMails = (folder: string): Mails => ({
  async send(mail) {
    await mkdir(folder, { recursive: true, mode: 0o700 });
    await writeFile(path.join(folder, `${uuid()}.json`), JSON.stringify(mail, null, 1), { mode: 0o600 });
  },
});

/** The newest mails of a folder, the newest first. */
export async function simulatedMailsIn(folder: string): Promise<Mail[]> {
  const names = (await readdir(folder).catch(() => [])).filter((name) => name.endsWith(".json")).sort();
  const newest = names.slice(-MOST_SHOWN).reverse();
  return Promise.all(newest.map(async (name) => JSON.parse(await readFile(path.join(folder, name), "utf8")) as Mail));
}
