// Brings the database of DATABASE_URL to the newest tables, lets the role of web processes sign in, and makes the demo data once, or with UMIAK_DEMO=none an empty
// owner instead, to which it is not added later.
import { ensureOwner, letWebIn, migrateDatabase, openDatabase } from "@/db";
import { isShared, LOCAL_OWNER_ID } from "@/server/access";
import { makeQueue } from "@/server/jobs/make-queue";
import { webPasswordOf } from "../run/web-role.mjs";
import { seedDemo } from "@/server/demo/seed";

const url = process.env.DATABASE_URL;
if (!url) {
  console.error("DATABASE_URL is not set");
  process.exit(2);
}
const { database, close } = openDatabase(url);
try {
  await migrateDatabase(database, "src/db/migrations");
  await makeQueue(url);
  await letWebIn(database, webPasswordOf(url));
  // On a shared server the demonstration is nobody's: each account may have a copy.
  if (isShared() || process.env.UMIAK_DEMO === "none") await ensureOwner(database, LOCAL_OWNER_ID, "local");
  else if (await seedDemo(database)) console.log("made demo data (invented people, places and weather)");
} catch (error) {
  const { message, cause } = error as Error;
  console.error(`the database could not be prepared: ${cause instanceof Error ? cause.message : message}`);
  process.exitCode = 1;
} finally {
  await close();
}
