import PgBoss from "pg-boss";
import { QUEUE, QUEUE_OPTIONS } from "./queue-options";

/** Makes the tables of the queue, or brings them to the newest form: whoever sets up does that, workers may not. */
export async function makeQueue(url: string): Promise<void> {
  const boss = new PgBoss({ connectionString: url, supervise: false, schedule: false, max: 1 });
  await boss.start();
  await boss.createQueue(QUEUE, { name: QUEUE, ...QUEUE_OPTIONS });
  await boss.stop({ graceful: false });
}
