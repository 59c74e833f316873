import { setImmediate as nextTurn } from "node:timers/promises";
import type postgres from "postgres";

// Row-level security: the role of web and workers sees the rows of one owner, whom every statement names first. A query that
// forgets its `where` finds nothing of anybody else's.

/** The role whose every statement passes row-level security; it owns no table. */
export const SCOPED_ROLE = "umiak_web";
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** Said in the session: one statement after the other has its own, so what is left of another is never read. */
function saying(ownerId: string | null, isLocal: boolean): string {
  if (ownerId !== null && !UUID.test(ownerId)) throw new Error("an owner is named by a UUID");
  return `set ${isLocal ? "local " : ""}umiak.owner = '${ownerId ?? ""}'`;
}

const CUT = /^(CONNECTION_\w+|CONNECT_TIMEOUT|E[A-Z]+)$/;

/** The connection is gone, or goes with this answer: by the driver's and the system's codes, and PostgreSQL's severity. */
function isCut(error: unknown): boolean {
  const { code = "", severity = "" } = error as { code?: string; severity?: string };
  return CUT.test(code) || severity === "FATAL" || severity === "PANIC";
}

type Query = Promise<unknown> & { values(): Promise<unknown> };

/** A statement on a connection that was told the owner just before: both are sent at once. */
function scopedQuery(client: postgres.Sql, ownerId: string | null, args: Parameters<postgres.Sql["unsafe"]>): Query {
  const run = async (asValues: boolean): Promise<unknown> => {
    const connection = await client.reserve();
    try {
      const told = connection.unsafe(saying(ownerId, false)).execute();
      const query = connection.unsafe(...args);
      const [, found] = await Promise.all([told, asValues ? query.values() : query]);
      connection.release();
      return found;
    } catch (error) {
      // One that was cut the driver has put away itself: given back, it would be written to once more, which ends the process.
      if (!isCut(error)) connection.release();
      throw error;
    }
  };
  return {
    values: () => run(true),
    then: (resolve: never, reject: never) => run(false).then(resolve, reject),
    catch: (reject: never) => run(false).catch(reject),
    finally: (done: never) => run(false).finally(done),
  } as unknown as Query;
}

const CUT_SHORT = "CONNECTION_CLOSED";

/** A transaction that sends nothing more once it is gone: the driver would write to a connection that is not there. */
const whileThere = (transaction: postgres.TransactionSql, isGone: () => boolean): postgres.TransactionSql =>
  new Proxy(transaction, {
    get(target, name) {
      if (name !== "unsafe" || !isGone()) return Reflect.get(target, name) as unknown;
      const refuse = () => Promise.reject(Object.assign(new Error("the connection is gone"), { code: CUT_SHORT }));
      return () => ({ then: (resolve: never, reject: never) => refuse().then(resolve, reject), values: refuse });
    },
  });

/**
 * A transaction for one owner. The driver ends one whose work fails by a `rollback`, and one whose connection was cut too,
 * which it then writes to nothing and ends the process by. So work that was cut never ends for the driver, which has told
 * whoever waits already.
 */
async function scopedTransaction(
  client: postgres.Sql,
  ownerId: string | null,
  work: (transaction: postgres.TransactionSql) => Promise<unknown>,
): Promise<unknown> {
  let isGone = false;
  const begun = client.begin(async (transaction) => {
    try {
      // Not awaited: it is sent before whatever the work sends, and what fails of it fails the transaction.
      const told = transaction.unsafe(saying(ownerId, true)).execute();
      const [, done] = await Promise.all([told, work(whileThere(transaction, () => isGone))]);
      return done;
    } finally {
      await nextTurn(); // the statement that was cut fails a moment before the transaction does
      if (isGone) await new Promise(() => undefined);
    }
  });
  try {
    return await begun;
  } finally {
    isGone = true;
  }
}

/** The same pool of connections, for one owner or nobody: each statement and each transaction names them first. */
export const scopedClient = (client: postgres.Sql, ownerId: string | null): postgres.Sql =>
  new Proxy(client, {
    get(target, name) {
      if (name === "unsafe") return (...args: Parameters<postgres.Sql["unsafe"]>) => scopedQuery(target, ownerId, args);
      if (name === "begin")
        return (work: (transaction: postgres.TransactionSql) => Promise<unknown>) =>
          scopedTransaction(target, ownerId, work);
      return Reflect.get(target, name) as unknown;
    },
  });
