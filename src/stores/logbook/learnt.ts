import { wrap, type Remote } from "comlink";
import { atom } from "nanostores";
import { toOuting } from "@/formats/outing-file/to-outing";
import type { ToldSitFile } from "@/formats/wire/logbook/logbook-view";
import type { OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import type { CalibrateWorker, CalibrationReply } from "@/workers/calibrate.worker";
import { ask } from "../ask";
import { messageOf } from "../message-of";

type Calibrated = Extract<CalibrationReply, { ok: true }>;

export type LearntState =
  | { readonly kind: "computing" }
  | { readonly kind: "failed"; readonly message: string }
  | {
      readonly kind: "found";
      readonly learnt: Calibrated["learnt"];
      readonly shares: Calibrated["shares"];
      readonly next: readonly ({ readonly name: string; readonly id: string } & Calibrated["next"][number])[];
    };

export const $learnt = atom<LearntState>({ kind: "computing" });

/** So many outings to come are looked at with what was learnt. */
const MOST_NEXT = 3;

let worker: Remote<CalibrateWorker> | null = null;
let turn = 0;

/** Learns from a person's notes, and looks at their next outings with it. @param now ms since 1970 */
export async function computeLearnt(personId: string, now: number): Promise<void> {
  const own = ++turn;
  $learnt.set({ kind: "computing" });
  const say = (state: LearntState): void => {
    if (own === turn) $learnt.set(state);
  };
  try {
    const [told, lines] = await Promise.all([
      ask<ToldSitFile[]>(`/api/people/${personId}/told`),
      ask<OutingLine[]>("/api/outings"),
    ]);
    const toCome = lines.filter((line) => line.personId === personId && Date.parse(line.startsAt) > now);
    const views = await Promise.all(toCome.slice(0, MOST_NEXT).map(({ id }) => ask<OutingView>(`/api/outings/${id}`)));
    worker ??= wrap<CalibrateWorker>(
      new Worker(new URL("../../workers/calibrate.worker.ts", import.meta.url), { type: "module" }),
    );
    const sits = told.map(({ outing, felt }) => ({ outing: toOuting(outing), felt }));
    const reply = await worker.calibrated(sits, views.map(viewToOuting));
    if (!reply.ok) return say({ kind: "failed", message: reply.message });
    const { learnt, shares, next } = reply;
    say({
      kind: "found",
      learnt,
      shares,
      next: next.map((range, place) => ({ name: views[place]!.name, id: views[place]!.id, ...range })),
    });
  } catch (error) {
    say({ kind: "failed", message: messageOf(error) });
  }
}
