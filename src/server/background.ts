import pLimit from "p-limit";
import type { Database } from "@/db";
import { log } from "./log";

type Wanted = { isAskedAgain: boolean; readonly end: Promise<void> };

/** What is done behind the pages, once however often it is asked for, and once more if it is asked for meanwhile. */
export class Background {
  private readonly inTurn: ReturnType<typeof pLimit>;
  private readonly underWay = new WeakMap<Database, Map<string, Wanted>>();
  private readonly ends = new Set<Promise<void>>();

  /**
   * @param atOnce so many at a time
   * @param failed said in the log of what fails; it is asked for again when next looked at
   */
  constructor(
    atOnce: number,
    private readonly failed: string,
  ) {
    this.inTurn = pLimit(atOnce);
  }

  /** @returns resolves when it is done or has failed */
  ask(database: Database, key: string, work: () => Promise<unknown>): Promise<void> {
    const ofDatabase = this.underWay.get(database) ?? new Map<string, Wanted>();
    this.underWay.set(database, ofDatabase);
    const before = ofDatabase.get(key);
    if (before) {
      before.isAskedAgain = true;
      return before.end;
    }
    const untilQuiet = async (): Promise<void> => {
      do {
        wanted.isAskedAgain = false;
        await this.inTurn(work);
      } while (wanted.isAskedAgain);
    };
    const end = Promise.resolve()
      .then(untilQuiet)
      .catch((error: unknown) => log.warn({ err: error, key }, this.failed))
      .finally(() => {
        ofDatabase.delete(key);
        this.ends.delete(end);
      });
    const wanted: Wanted = { isAskedAgain: false, end };
    ofDatabase.set(key, wanted);
    this.ends.add(end);
    return end;
  }

  /** Resolves when nothing is under way: for tests and for a clean stop. */
  async quiet(): Promise<void> {
    while (this.ends.size > 0) await Promise.all(this.ends);
  }
}
