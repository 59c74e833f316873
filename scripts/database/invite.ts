// Makes an invitation code for the database of DATABASE_URL and prints it, once: only its hash is kept.
import { openDatabase } from "@/db";
import { invite } from "@/server/accounts/accounts";

const MOST_USES = 1000;
const uses = Number(process.argv[2] ?? 1);
const url = process.env.DATABASE_URL;
if (!url || !Number.isInteger(uses) || uses < 1 || uses > MOST_USES) {
  console.error(`usage: DATABASE_URL=postgres://… ./umiak invite [USES, 1 to ${MOST_USES}]`);
  process.exit(2);
}
const { database, close } = openDatabase(url);
try {
  console.log(await invite(database, uses));
} catch (error) {
  const { message, cause } = error as Error;
  console.error(`no invitation could be made: ${cause instanceof Error ? cause.message : message}`);
  process.exitCode = 1;
} finally {
  await close();
}
