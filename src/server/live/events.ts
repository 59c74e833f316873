import type { Database } from "@/db";
import { onLiveChange } from "./changes";
import { liveOf, sitSince } from "./live";

const KEEP_OPEN_EVERY_MS = 20_000;
const HEADERS = {
  "content-type": "text/event-stream; charset=utf-8",
  "cache-control": "no-store, no-transform", // compressed, events would wait for a full block
  "x-accel-buffering": "no",
};

/**
 * A sit as it goes on, as server-sent events: each holds what was told since the one before.
 * @param afterPlace the last place the page has
 * @throws {AppError} `not-found`
 */
export async function liveEvents(
  database: Database,
  ownerId: string,
  outingId: string,
  afterPlace: number,
): Promise<Response> {
  await liveOf(database, ownerId, outingId);
  const encoder = new TextEncoder();
  let isOver = false;
  const undone: (() => void)[] = [];
  /** Also of a page that left while its stream was being opened: nothing may be sent to it, or the process ends by that. */
  const stop = (): void => {
    isOver = true;
    for (const undo of undone.splice(0)) undo();
  };
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      let place = afterPlace;
      let sending: Promise<void> = Promise.resolve();
      const send = (text: string): void => {
        if (!isOver) controller.enqueue(encoder.encode(text));
      };
      const look = async (): Promise<void> => {
        const sit = await sitSince(database, ownerId, outingId, place);
        if (!sit) return;
        place = sit.readings.at(-1)?.place ?? place;
        send(`id: ${place}\ndata: ${JSON.stringify(sit)}\n\n`);
      };
      const end = (): void => {
        if (isOver) return;
        stop();
        controller.close();
      };
      const heard = (): void => {
        sending = sending.then(look).catch(end); // the page asks again, by what it has
      };
      send(": open\n\n");
      undone.push(await onLiveChange(database, ownerId, outingId, heard));
      const timer = setInterval(() => send(": still here\n\n"), KEEP_OPEN_EVERY_MS);
      undone.push(() => clearInterval(timer));
      if (isOver) stop();
      else heard();
    },
    cancel: stop,
  });
  return new Response(body, { headers: HEADERS });
}
