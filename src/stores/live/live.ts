import { wrap, type Remote } from "comlink";
import { atom } from "nanostores";
import type { LiveAnswer, LiveVote } from "@/core/live";
import type { Reading } from "@/core/loggers";
import type { FeltPart, Vote } from "@/core/logbook";
import { MS_PER_MINUTE } from "@/core/units";
import type { TimedReading } from "@/formats/live/senml";
import { senmlOf } from "@/formats/live/senml";
import type { LiveBegun, LiveReadingView, LiveView, ReadingsTaken } from "@/formats/wire/live/live-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import type { LiveWorker } from "@/workers/live.worker";
import { ask } from "../ask";
import { tellNote } from "../logbook/note";
import { messageOf } from "../message-of";
import { feltOfSit } from "./felt-of-sit";
import { keepSit, keptSit, type KeptSit } from "./unsent";

/** The sit on screen; `null` before it is begun. */
export const $sit = atom<KeptSit | null>(null);
/** What loggers told, by the server, a file, or stand-ins. */
export const $readings = atom<readonly TimedReading[]>([]);
export const $answer = atom<LiveAnswer | null>(null);
/** What was answered before anything was heard: the plan. */
export const $plan = atom<LiveAnswer | null>(null);
export const $problem = atom<string | null>(null);
/** Where the sit lies in its outing, minutes from its start. */
export const $span = atom<{ readonly fromMinute: number; readonly toMinute: number } | null>(null);
export const $token = atom<string | null>(null);
export const $isConnected = atom(true);
/** Stand-in loggers: when they began, by the device's clock, and all they are going to tell. */
export const $standIns = atom<{ readonly sinceMs: number; readonly readings: readonly Reading[] } | null>(null);

/** A minute of the sit takes a second with stand-ins. */
const STAND_IN_SPEED = 60;

/** Now: of the sit's own clock with stand-ins. ms since 1970 */
export function nowMs(): number {
  const standIns = $standIns.get();
  return standIns ? standIns.sinceMs + (Date.now() - standIns.sinceMs) * STAND_IN_SPEED : Date.now();
}

let worker: Remote<LiveWorker> | null = null;
const liveWorker = (): Remote<LiveWorker> =>
  (worker ??= wrap<LiveWorker>(
    new Worker(new URL("../../workers/live.worker.ts", import.meta.url), { type: "module" }),
  ));

const minuteOf = (atMs: number, beganAt: string): number =>
  ($span.get()?.fromMinute ?? 0) + (atMs - Date.parse(beganAt)) / MS_PER_MINUTE;

/** Answers again by all that is known; what is asked meanwhile replaces it. */
async function answerAgain(): Promise<void> {
  const sit = $sit.get();
  const beganAt = sit?.beganAt ?? new Date(0).toISOString();
  const readings = $readings
    .get()
    .map(({ sensor, atMs, valueC }): Reading => ({ sensor, valueC, minute: minuteOf(atMs, beganAt) }));
  const votes = (sit?.votes ?? []).map(({ part, vote, at }): LiveVote => ({
    part,
    vote,
    minute: minuteOf(Date.parse(at), beganAt),
  }));
  const answer = await liveWorker().answer(readings, votes);
  if (answer) $answer.set(answer);
}

let isAnswering = false;
let isAskedAgain = false;
function answerSoon(): void {
  isAskedAgain = true;
  if (isAnswering) return;
  isAnswering = true;
  void (async () => {
    while (isAskedAgain) {
      isAskedAgain = false;
      await answerAgain().catch((error: unknown) => $problem.set(messageOf(error)));
    }
    isAnswering = false;
  })();
}

const toTimed = ({ sensor, at, valueC }: LiveReadingView): TimedReading => ({ sensor, valueC, atMs: Date.parse(at) });

let outingId = "";

function keep(sit: KeptSit): void {
  $sit.set(sit);
  if (!$standIns.get()) keepSit(window.localStorage, outingId, sit);
}

/** What the server knows joins what the browser does: nothing said on either side is lost. */
function takeIn({ beganAt, endedAt, votes, readings }: LiveView): void {
  if ($standIns.get()) return;
  const own = $sit.get();
  const isSame = own?.beganAt === beganAt;
  const all = isSame ? [...own.votes, ...votes] : votes;
  const once = [...new Map(all.map((vote) => [`${vote.at} ${vote.part}`, vote])).values()];
  if (!isSame) $readings.set([]);
  const more = readings.length > 0 || once.length !== own?.votes.length || !isSame;
  keep({ beganAt, votes: once, endedAt: endedAt ?? (isSame ? own.endedAt : null) });
  if (readings.length > 0) $readings.set([...$readings.get(), ...readings.map(toTimed)]);
  if (more) answerSoon();
}

let events: EventSource | null = null;
function connect(): void {
  events?.close();
  events = new EventSource(`/api/outings/${outingId}/live/events`);
  events.onmessage = ({ data }: MessageEvent<string>) => {
    $isConnected.set(true);
    takeIn(JSON.parse(data) as LiveView);
  };
  events.onopen = () => {
    $isConnected.set(true);
    void sendUnsent();
  };
  events.onerror = () => $isConnected.set(false);
}

/** Sends what the server may not have; it stands once however often it is sent. */
async function sendUnsent(): Promise<void> {
  const sit = $sit.get();
  if (!sit || $standIns.get()) return;
  const { votes, endedAt } = sit;
  await ask(`/api/outings/${outingId}/live`, "PATCH", { votes, ...(endedAt ? { endedAt } : {}) }).catch(
    () => undefined,
  );
}

/** Opens a sit's page: the plan at once, then whatever was told. @returns stops following */
export function openLive(view: OutingView): () => void {
  outingId = view.id;
  $sit.set(keptSit(window.localStorage, view.id));
  void (async () => {
    const begun = await liveWorker().begin(viewToOuting(view));
    if (!begun.ok) return $problem.set(begun.message);
    $span.set(begun);
    $plan.set(await liveWorker().answer([], []));
    answerSoon();
    connect();
  })().catch((error: unknown) => $problem.set(messageOf(error)));
  const again = (): void => connect();
  window.addEventListener("online", again);
  return () => {
    window.removeEventListener("online", again);
    events?.close();
  };
}

/** Begins the sit now. Without a network it goes on in this page, and the server is told later. */
export async function beginSit(): Promise<void> {
  const beganAt = new Date().toISOString();
  $readings.set([]);
  $token.set(null);
  keep({ beganAt, votes: [], endedAt: null });
  answerSoon();
  try {
    const { token } = await ask<LiveBegun>(`/api/outings/${outingId}/live`, "POST", { beganAt });
    $token.set(token);
    connect();
  } catch {
    $isConnected.set(false);
  }
}

/** Says what is felt of a part, now. */
export function say(part: FeltPart, vote: Vote): void {
  const sit = $sit.get();
  if (!sit) return;
  keep({ ...sit, votes: [...sit.votes, { part, vote, at: new Date(nowMs()).toISOString() }] });
  answerSoon();
  void sendUnsent();
}

/** Ends the sit; what was said goes into the logbook. @throws {Error} with a message to show */
export async function endSit(): Promise<void> {
  const sit = $sit.get();
  if (!sit) return;
  const endedAt = new Date(nowMs()).toISOString();
  if ($standIns.get()) return stopStandIns();
  keep({ ...sit, endedAt });
  await sendUnsent();
  await tellNote(outingId, feltOfSit({ ...sit, endedAt }), window.localStorage);
}

/** Takes readings of a file in. @returns how many the server took: none it had, or of another day @throws {Error} with a message to show */
export async function takeReadings(readings: readonly TimedReading[]): Promise<number> {
  const { taken } = await ask<ReadingsTaken>(`/api/outings/${outingId}/live/readings`, "POST", senmlOf(readings));
  return taken;
}

let ticking: ReturnType<typeof setInterval> | undefined;
const TICK_MS = 1000;

/** Lets stand-ins tell of an invented somebody, a minute of the sit each second; nothing of it is kept. */
export async function startStandIns(seed: number): Promise<void> {
  const readings = await liveWorker().standIns(seed);
  const sinceMs = Date.now();
  const beganAt = new Date(sinceMs).toISOString();
  $standIns.set({ sinceMs, readings });
  $sit.set({ beganAt, votes: [], endedAt: null });
  $readings.set([]);
  clearInterval(ticking);
  ticking = setInterval(() => {
    const { fromMinute } = $span.get() ?? { fromMinute: 0 };
    const sat = (nowMs() - sinceMs) / MS_PER_MINUTE;
    const told = readings.filter(({ minute }) => minute - fromMinute <= sat);
    if (told.length === $readings.get().length) return;
    $readings.set(
      told.map(({ sensor, valueC, minute }) => ({
        sensor,
        valueC,
        atMs: sinceMs + (minute - fromMinute) * MS_PER_MINUTE,
      })),
    );
    answerSoon();
  }, TICK_MS);
}

export function stopStandIns(): void {
  clearInterval(ticking);
  $standIns.set(null);
  $readings.set([]);
  $sit.set(keptSit(window.localStorage, outingId));
  answerSoon();
  connect();
}
