import { atom, type WritableAtom } from "nanostores";
import type { Worth } from "@/core/changes";
import type { SitAnswer } from "@/core/simulation";
import { RANGE_MEMBERS, rangeOf, type MinutesRange, type RangeMembers } from "@/core/range";
import type { MinuteLook, Trace } from "@/core/trace";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workerFor, type Purpose } from "@/workers/simulate-client";
import type { Opinion } from "@/workers/simulation-answer";
import { $computed, $heldMinutes, $view } from "../sheet/day-sheet";

// What stands beside an answer and takes longer than it: computed once edits have paused, dropped when the plan has changed.

/** Range of the answer on screen; `null` until it is computed. */
export const $range = atom<MinutesRange | null>(null);
/** What the standards say of it. */
export const $opinion = atom<Opinion | null>(null);
/** What single changes are worth. */
export const $worths = atom<readonly Worth[] | null>(null);
/** The minute read out, looked at closely. */
export const $look = atom<MinuteLook | null>(null);
/** Why the answer is what it is; asked for. */
export const $why = atom<Trace | null>(null);

/** What is asked is given up when the plan changes, so that little quiet is enough. */
const QUIET_MS = 12;

const sameContent = (one: OutingView | null, other: OutingView): boolean =>
  one?.person.notes === other.person.notes &&
  one?.weather === other.weather &&
  one.phases === other.phases &&
  one.wearings === other.wearings &&
  one.setting === other.setting;

type Asked = {
  readonly view: OutingView;
  readonly sit: number;
  readonly answer: SitAnswer;
  /** Which of the questions it is: workers give up what belongs to an older one. */
  readonly request: number;
};

const WORKERS: readonly Purpose[] = ["answer", "derived"];
let request = 0;
/** Whether anything was asked since the workers were last told. */
let isAnyAsked = false;
/** Tells the workers that what they work on is no longer asked for. */
function cancelAll(): void {
  request++;
  if (!isAnyAsked) return;
  isAnyAsked = false;
  for (const purpose of WORKERS) void workerFor(purpose).cancelBefore(request);
}

/** The answer on screen, when there is one. */
function onScreen(): Asked | null {
  const view = $view.get();
  const computed = $computed.get();
  if (!view || computed.kind !== "ready" || computed.isDraft) return null;
  const { result } = computed;
  return { view, sit: result.decidingSit, answer: result.sits[result.decidingSit]!, request };
}

let timer: ReturnType<typeof setTimeout> | undefined;
/** Asks everything once edits have paused and nothing is held. */
function askSoon(): void {
  clearTimeout(timer);
  timer = setTimeout(() => {
    if ($heldMinutes.get() === null) KEEPERS.forEach((keep) => keep());
  }, QUIET_MS);
}

/** Fills an atom by a slow question, again when the plan has changed meanwhile; never asks twice at once. */
function keeper<Answer>(into: WritableAtom<Answer | null>, ask: (asked: Asked) => Promise<Answer | null>): () => void {
  let asking = false;
  const work = async (): Promise<void> => {
    const asked = onScreen();
    if (!asked || asking) return;
    asking = true;
    isAnyAsked = true;
    const answer = await ask(asked).catch(() => null);
    asking = false;
    if (asked.request === request && sameContent($view.get(), asked.view)) into.set(answer);
    else askSoon();
  };
  return () => void work();
}

/** Of the members left a worker takes this share: the first parts cost few messages, the last end together. */
const SHARE_AT_A_TIME = 0.25;

/** Members of the range by turns in two workers: it comes in half the time where there are two cores. */
async function rangeInTwoWorkers({ view, sit, request: own }: Asked): Promise<MinutesRange | null> {
  const outing = viewToOuting(view);
  const parts: RangeMembers[] = [];
  let next = 0;
  let isCancelled = false;
  const workThrough = async (purpose: Purpose): Promise<void> => {
    const worker = workerFor(purpose);
    void worker.beginRange(outing, sit, own);
    while (next < RANGE_MEMBERS && !isCancelled) {
      const from = next;
      next = from + Math.ceil((RANGE_MEMBERS - from) * SHARE_AT_A_TIME);
      const part = await worker.members(from, next, own);
      if (part) parts.push(part);
      else isCancelled = true;
    }
  };
  await Promise.all(WORKERS.map(workThrough));
  return isCancelled ? null : rangeOf(outing, parts);
}

/** The range being computed: what takes longer and is waited for less comes after it. */
let ranging: Promise<unknown> = Promise.resolve();

const KEEPERS = [
  keeper($range, (asked) => {
    const range = rangeInTwoWorkers(asked);
    ranging = range.catch(() => null);
    return range;
  }),
  keeper($opinion, ({ view, answer }) => workerFor("derived").opinion(viewToOuting(view), answer)),
  keeper($worths, async ({ view, sit, request: own }) => {
    await ranging;
    return workerFor("derived").worths(viewToOuting(view), sit, kitOf(view), own);
  }),
];

/** Follows the answer on screen; while something is held only the answer itself is computed. @returns stops following */
export function keepDerivedResults(): () => void {
  const stops = [
    $computed.subscribe((computed) => {
      if (computed.kind !== "ready") return;
      cancelAll();
      for (const shown of [$range, $opinion, $worths, $why]) shown.set(null);
      askSoon();
    }),
    // An edit, or taking hold of something, frees the processor for the answer at once: what is computed is outdated.
    $view.listen((view, before) => {
      if (view && before && !sameContent(before, view)) cancelAll();
    }),
    $heldMinutes.listen((held) => {
      if (held === null) askSoon();
      else cancelAll();
    }),
  ];
  return () => {
    clearTimeout(timer);
    stops.forEach((stop) => stop());
  };
}

/** Works out why the answer on screen is what it is. */
export async function askWhy(): Promise<void> {
  const asked = onScreen();
  if (!asked) return;
  const trace = await workerFor("derived").why(viewToOuting(asked.view), asked.answer);
  if (sameContent($view.get(), asked.view)) $why.set(trace);
}

const LOOK_QUIET_MS = 120;
let lookTimer: ReturnType<typeof setTimeout> | undefined;

/** Looks closely at a minute once the scrubber rests and nothing is held. */
export function askLook(minute: number): void {
  clearTimeout(lookTimer);
  lookTimer = setTimeout(() => {
    if ($heldMinutes.get() !== null) askLook(minute);
    else void look(minute);
  }, LOOK_QUIET_MS);
}

async function look(minute: number): Promise<void> {
  await ranging; // waited for more than the look at a minute
  const view = $view.get();
  if (!view || minute < 1) return;
  const looked = await workerFor("derived").look(viewToOuting(view), minute);
  if (sameContent($view.get(), view)) $look.set(looked);
}
