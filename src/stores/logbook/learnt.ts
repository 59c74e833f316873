import { atom } from "nanostores";
import type { CheckedTime, ExpectedNarrowing, LearntShare, OddNote } from "@/core/calibration";
import type { Learnt } from "@/core/outing";
import type { RangeBounds } from "@/core/range";
import type { OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { ask } from "../ask";
import { messageOf } from "../message-of";
import { calibrateWorker, toldSits } from "./told-sits";

/** What a person's notes make of an outing to come. */
export type NextOuting = {
  readonly id: string;
  readonly name: string;
  readonly before: RangeBounds;
  readonly range: RangeBounds;
};

export type LearntState =
  | { readonly kind: "computing" }
  | { readonly kind: "failed"; readonly message: string }
  | {
      readonly kind: "found";
      readonly learnt: Learnt;
      readonly shares: readonly LearntShare[];
      readonly next: readonly NextOuting[];
      /** Notes that stay far from the rest. */
      readonly odd: readonly (OddNote & { readonly name: string })[];
      /** Told times, each against what the other notes say of it. */
      readonly times: readonly CheckedTime[];
      readonly narrowing: ExpectedNarrowing | null;
    };

export const $learnt = atom<LearntState>({ kind: "computing" });

/** So many outings to come are looked at with what was learnt. */
const MOST_NEXT = 3;

let turn = 0;

/** @throws {Error} with a message to show */
async function nextOutings(personId: string, now: number): Promise<NextOuting[]> {
  const lines = await ask<OutingLine[]>("/api/outings");
  const toCome = lines.filter((line) => line.personId === personId && Date.parse(line.startsAt) > now);
  const next: NextOuting[] = [];
  for (const { id, name } of toCome.slice(0, MOST_NEXT)) {
    const view = await ask<OutingView>(`/api/outings/${id}`);
    const reply = await calibrateWorker().rangeOf(viewToOuting(view));
    if (reply.ok) next.push({ id, name, before: reply.before, range: reply.range }); // else its sheet says what is wrong
  }
  return next;
}

/** Learns from a person's notes, and looks at their next outings with it. @param now ms since 1970 */
export async function computeLearnt(personId: string, now: number): Promise<void> {
  const own = ++turn;
  const say = (state: LearntState): void => {
    if (own === turn) $learnt.set(state);
  };
  say({ kind: "computing" });
  try {
    const sits = await toldSits(personId);
    const reply = await calibrateWorker().learn(sits);
    if (!reply.ok) return say({ kind: "failed", message: reply.message });
    const { learnt, shares, times, narrowing } = reply;
    const odd = reply.odd.map((own) => ({ ...own, name: sits[own.sit]!.name }));
    say({ kind: "found", learnt, shares, odd, times, narrowing, next: await nextOutings(personId, now) });
  } catch (error) {
    say({ kind: "failed", message: messageOf(error) });
  }
}
