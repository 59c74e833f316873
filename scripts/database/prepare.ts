// Brings the database of DATABASE_URL to the newest tables and makes the demo data once.
import { migrateDatabase, openDatabase } from "@/db";
import { seedDemo } from "@/server/demo/seed";

const url = process.env.DATABASE_URL;
if (!url) {
  console.error("DATABASE_URL is not set");
  process.exit(2);
}
const { database, close } = openDatabase(url);
try {
  await migrateDatabase(database, "src/db/migrations");
  if (await seedDemo(database)) console.log("made demo data (invented people, places and weather)");
} catch (error) {
  const { message, cause } = error as Error;
  console.error(`the database could not be prepared: ${cause instanceof Error ? cause.message : message}`);
  process.exitCode = 1;
} finally {
  await close();
}
