// The process that does long computations, part by part: any number of them may run, on any machine that reaches DATABASE_URL.
// Bundled on its own (scripts/run/server-threads.mjs).
import { openScopedDatabases } from "@/db";
import { log } from "../log";
import { answerPart } from "./advance";
import { openQueue } from "./queue";

const url = process.env.DATABASE_URL;
if (!url) {
  console.error("umiak: DATABASE_URL is not set");
  process.exit(2);
}
const databases = openScopedDatabases(url);
const queue = await openQueue(url, true);
await queue.work(async (part) => {
  try {
    await answerPart(databases.for(part.ownerId), queue, part);
  } catch (error) {
    log.error({ err: error }, "a part of a computation");
    throw error; // the queue has it tried again
  }
});
process.send?.("working");

const stop = async (): Promise<void> => {
  await queue.stop();
  await databases.close();
  process.exit(0);
};
for (const signal of ["SIGTERM", "SIGINT"] as const) process.on(signal, () => void stop());
process.on("disconnect", () => void stop());
