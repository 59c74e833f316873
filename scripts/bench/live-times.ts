import { createHash, randomUUID } from "node:crypto";
import { quantileSorted } from "d3-array";
import postgres from "postgres";
import { SENSORS } from "@/core/loggers";
import { pause, TriedServer } from "../faults/server";

/** How one web process holds many sitters at once. */
export type LiveTimes = {
  readonly sitters: number;
  readonly sent: number;
  readonly refused: number;
  /** Until a reading is acknowledged, and until the page of its sit has it, ms. */
  readonly sentMs: { readonly median: number; readonly p95: number; readonly most: number };
  readonly heardMs: { readonly median: number; readonly p95: number; readonly most: number };
  /** Events that never came. */
  readonly lost: number;
};

const SITTERS = 200;
const EVERY_MS = 10_000;
const TURNS = 6;
const TOKEN = "bench";

function told(values: readonly number[]): LiveTimes["sentMs"] {
  const sorted = [...values].sort((one, other) => one - other);
  return {
    median: quantileSorted(sorted, 0.5) ?? 0,
    p95: quantileSorted(sorted, 0.95) ?? 0,
    most: sorted.at(-1) ?? 0,
  };
}

/** As many outings as sitters, each with a sit that goes on. */
async function sits(sql: postgres.Sql): Promise<string[]> {
  const [outing] = await sql`select * from outing limit 1`;
  const ids = Array.from({ length: SITTERS }, () => randomUUID());
  const tokenHash = createHash("sha256").update(TOKEN).digest("hex");
  for (const id of ids) {
    await sql`insert into outing select (jsonb_populate_record(o, jsonb_build_object('id', ${id}::text))).* from outing o where o.id = ${outing!.id as string}`;
    await sql`insert into live_sit (owner_id, outing_id, token_hash, began_at) values (${outing!.owner_id as string}, ${id}, ${tokenHash}, now() - interval '1 hour')`;
  }
  return ids;
}

/** @returns 200 sitters on one web process, each with five readings every ten seconds and a page that listens */
export async function liveTimes(): Promise<LiveTimes> {
  const server = new TriedServer();
  const stop = new AbortController();
  try {
    await server.start();
    const sql = server.sql();
    const ids = await sits(sql);
    await sql.end();
    const sentAt = new Map<string, number>();
    const [sentMs, heardMs]: [number[], number[]] = [[], []];
    let refused = 0;
    const listen = async (id: string): Promise<void> => {
      const response = await fetch(`${server.address}/api/outings/${id}/live/events`, { signal: stop.signal });
      const decoder = new TextDecoder();
      for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
        for (const [, key] of decoder.decode(chunk).matchAll(/"valueC":(\d+\.\d+)/g)) {
          const at = sentAt.get(`${id} ${key}`);
          if (at === undefined) continue;
          sentAt.delete(`${id} ${key}`);
          heardMs.push(performance.now() - at);
        }
      }
    };
    for (const id of ids) void listen(id).catch(() => undefined); // ended with the bench
    await pause(EVERY_MS);
    const send = async (id: string, turn: number): Promise<void> => {
      const valueC = 20 + turn / 10 + 0.01;
      const began = performance.now();
      sentAt.set(`${id} ${valueC}`, began);
      const response = await fetch(`${server.address}/api/outings/${id}/live/readings`, {
        method: "POST",
        headers: { "content-type": "application/json", authorization: `Bearer ${TOKEN}` },
        body: JSON.stringify(SENSORS.map((n) => ({ n, u: "Cel", v: valueC }))),
      });
      if (!response.ok) refused++;
      await response.arrayBuffer();
      sentMs.push(performance.now() - began);
    };
    for (let turn = 0; turn < TURNS; turn++) {
      const until = pause(EVERY_MS);
      // Loggers know nothing of each other: they send spread over the ten seconds.
      await Promise.all(
        ids.map(async (id, place) => {
          await pause((place / ids.length) * EVERY_MS);
          await send(id, turn);
        }),
      );
      await until;
    }
    return {
      sitters: SITTERS,
      sent: sentMs.length,
      refused,
      sentMs: told(sentMs),
      heardMs: told(heardMs),
      lost: sentAt.size,
    };
  } finally {
    stop.abort();
    await server.stop();
  }
}
