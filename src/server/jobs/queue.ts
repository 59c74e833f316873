import PgBoss from "pg-boss";
import { log } from "../log";
import { PART_EXPIRES_S, QUEUE, QUEUE_OPTIONS } from "./queue-options";

// The queue of parts, on the same PostgreSQL. Nothing else of the program knows pg-boss.

const LOOK_EVERY_S = 0.5;
/** How often it is looked for what has expired. */
const MAINTAIN_EVERY_S = Math.max(1, PART_EXPIRES_S / 4);

/** A part of a computation that waits for a worker. */
export type QueuedPart = {
  readonly ownerId: string;
  readonly jobId: string;
  readonly stage: number;
  readonly place: number;
  readonly chunk: unknown;
};

export type PartQueue = {
  /** Parts of several owners take turns: the first parts of each go before the second ones of any. */
  readonly send: (parts: readonly QueuedPart[]) => Promise<void>;
  /** Takes parts one by one until it is stopped. */
  readonly work: (answer: (part: QueuedPart) => Promise<void>) => Promise<void>;
  readonly stop: () => Promise<void>;
};

/**
 * Opens the queue that `makeQueue` made.
 * @param isWorker whether it sees to what has expired; who only sends does not
 */
export async function openQueue(url: string, isWorker = false): Promise<PartQueue> {
  const boss = new PgBoss({
    connectionString: url,
    supervise: isWorker,
    schedule: false,
    migrate: false,
    maintenanceIntervalSeconds: MAINTAIN_EVERY_S,
    max: 2,
  });
  boss.on("error", (error) => log.error({ err: error }, "the queue"));
  await boss.start();
  return {
    send: async (parts) =>
      boss.insert(
        parts.map((data) => ({
          name: QUEUE,
          data,
          priority: -data.place,
          ...QUEUE_OPTIONS,
        })),
      ) as Promise<unknown> as Promise<void>,
    work: async (answer) => {
      const worker = await boss.work<QueuedPart>(
        QUEUE,
        { batchSize: 1, pollingIntervalSeconds: LOOK_EVERY_S },
        async ([own]) => {
          if (!own) return;
          boss.notifyWorker(worker); // it looks for the next one at once
          await answer(own.data);
        },
      );
    },
    stop: () => boss.stop({ graceful: true, timeout: 5000 }),
  };
}
