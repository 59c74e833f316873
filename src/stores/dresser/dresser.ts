import { proxy } from "comlink";
import * as m from "@/messages";
import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import {
  DresserProblem,
  plannedSitMinutes,
  USUAL_WISHES,
  type DressedOutfit,
  type DresserAnswer,
  type DresserPiece,
  type DresserProgress,
  type LeftAtHome,
  type OtherWay,
  type Relaxation,
  type Wishes,
} from "@/core/dresser";
import type { ReadyOnDay } from "@/core/trip";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { dresserPieces, genericsFor, wearingsFound } from "@/formats/wire/kit/dresser-kit";
import { outfitOf } from "@/formats/wire/kit/outfit";
import type { OutingView, PieceView, WearingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { dresserWorker } from "@/workers/dresser-client";
import { ask } from "../ask";
import { $save } from "../saving/saving";
import { readyFor } from "../trip/dressed-for";
import { $view } from "../sheet/day-sheet";
import { editContent } from "../sheet/edits";
import { addToKit } from "../sheet/kit";
import { keepFound } from "./found-outfits";
import { lentByAll, type Companion } from "./lending";

/** How far the dresser is. */
export type Dressing =
  | { readonly kind: "asked" }
  | { readonly kind: "searching"; readonly progress: DresserProgress | null }
  | { readonly kind: "found"; readonly answer: DresserAnswer; readonly problem: DresserProblem }
  | { readonly kind: "impossible"; readonly message: string };

export const $wishes = atom<Wishes>(USUAL_WISHES);
export const $dressing = atom<Dressing>({ kind: "asked" });
/** Outfit looked at, by its place in the answer. */
export const $chosen = atom<number | null>(null);
/** What stays at home for the outfit looked at; `null` until it is known. */
export const $left = atom<readonly LeftAtHome[] | null>(null);
/** What those who hold to other ways would do in it; `null` until it is known. */
export const $otherWays = atom<readonly OtherWay[] | null>(null);
/** What would do it where no outfit does; `null` until it is known. */
export const $relaxations = atom<readonly Relaxation[] | null>(null);

let generics: readonly PieceView[] = [];
/** What others of the party lend; empty where it is not asked for. */
export const $lent = atom<readonly PieceView[]>([]);

/** The trip the outing is a day of, if it is dressed as such; and what its days before leave in the bag. */
let trip: TripView | null = null;
export const $ready = atom<ReadyOnDay<DresserPiece> | null>(null);

/**
 * Begins for an outing: wishes as they usually are, and as the person's preferences say.
 * @param ofTrip the trip it is dressed as a day of
 */
export function beginDressing(view: OutingView, ofTrip: TripView | null = null): void {
  trip = ofTrip;
  $ready.set(null);
  const { practicePreferences } = view.person;
  generics = genericsFor(view);
  $wishes.set({
    ...USUAL_WISHES,
    wantedMinutes: plannedSitMinutes(viewToOuting(view)),
    avoids: practicePreferences.avoids,
  });
  $lent.set([]);
  $dressing.set({ kind: "asked" });
  $chosen.set(null);
}

/** Starts the workers while the wishes are read. */
export const warmUpDresser = (view: OutingView): void =>
  void dresserWorker().warmUp(viewToOuting(view), piecesChosenFrom(view), $wishes.get());

/** Pieces the dresser chooses from: own, lent and generic. */
export const piecesChosenFrom = (view: OutingView): readonly DresserPiece[] =>
  dresserPieces(view, $lent.get(), generics);

/** Lets in what others of the party leave at home, or not. @throws {Error} with a message to show */
export function borrowFrom(companions: readonly Companion[]): Promise<void> {
  const asked = lentByAll(companions).then((lent) => $lent.set(lent));
  borrowing = asked.catch(() => undefined); // told to who asked
  return asked;
}
/** Who asks to be dressed meanwhile means with what is lent. */
let borrowing: Promise<void> = Promise.resolve();

/** Searches; what is found comes as it is found. */
export async function startDressing(): Promise<void> {
  const view = $view.get();
  if (!view || $dressing.get().kind === "searching") return;
  $chosen.set(null);
  $relaxations.set(null);
  $dressing.set({ kind: "searching", progress: null });
  await borrowing;
  const wishes = $wishes.get();
  try {
    const { outing, kit } = await whatThereIs(view);
    const onProgress = proxy((progress: DresserProgress) => $dressing.set({ kind: "searching", progress }));
    const reply = await dresserWorker().dress(outing, kit, wishes, onProgress);
    if (!reply.ok) return $dressing.set({ kind: "impossible", message: reply.message });
    const { answer } = reply;
    const problem = new DresserProblem(outing, kit, wishes);
    keepFound(view, problem, answer);
    $dressing.set({ kind: "found", answer, problem });
    if (answer.outfits.length > 0) choose(usuallyChosen(answer));
    if (!answer.canBeDone && answer.outfits.length > 0) await askRelaxations(answer);
  } catch {
    $dressing.set({ kind: "impossible", message: m.theComputationStoppedReloadThePage });
  }
}

/** The outing and what there is to wear on it: on a day of a trip damp as the nights leave it. @throws {Error} with a message to show */
async function whatThereIs(view: OutingView): Promise<Pick<ReadyOnDay<DresserPiece>, "outing" | "kit">> {
  const kit = piecesChosenFrom(view);
  const ready = trip && (await readyFor(trip, view.id, kit));
  $ready.set(ready);
  return ready ?? { outing: viewToOuting(view), kit };
}

/** The search ends; what is known by then is answered. */
export const stopDressing = (): void => void dresserWorker().cancel();

/** What is looked at first: the lightest that does it, else what lasts longest. */
function usuallyChosen({ outfits }: DresserAnswer): number {
  const lightest = outfits.findIndex(({ picks }) => picks.includes("lightestThatDoes"));
  return lightest >= 0 ? lightest : outfits.findIndex(({ picks }) => picks.includes("warmest"));
}

/** Looks at an outfit of the answer. */
export function choose(place: number): void {
  if ($chosen.get() === place) return;
  $chosen.set(place);
  $left.set(null);
  $otherWays.set(null);
  const outfit = chosenOutfit();
  if (!outfit) return;
  const worker = dresserWorker();
  void worker.left(outfit.code).then((left) => $chosen.get() === place && $left.set(left));
  void worker.otherWays(outfit.code).then((ways) => $chosen.get() === place && $otherWays.set(ways));
}

export function chosenOutfit(): DressedOutfit | null {
  const dressing = $dressing.get();
  const place = $chosen.get();
  return dressing.kind === "found" && place !== null ? (dressing.answer.outfits[place] ?? null) : null;
}

async function askRelaxations({ outfits, wantedMinutes }: DresserAnswer): Promise<void> {
  const warmest = outfits.find(({ picks }) => picks.includes("warmest")) ?? outfits.at(-1)!;
  $relaxations.set(await dresserWorker().relaxations(warmest, wantedMinutes ?? 0));
}

/** An outfit on the sheet; generic pieces by the ids they have in the kit now. */
const wearingsOf = (problem: DresserProblem, outfit: DressedOutfit, ids: ReadonlyMap<string, string>): WearingView[] =>
  wearingsFound(problem, outfit.code).map((wearing) => ({
    ...wearing,
    id: uuid(),
    pieceId: ids.get(wearing.pieceId) ?? wearing.pieceId,
  }));

/** Pieces of an outfit that are not in the kit join it. @returns their ids there, by those they were known by */
async function addForeign(problem: DresserProblem, outfit: DressedOutfit): Promise<ReadonlyMap<string, string>> {
  const wanted = [...$lent.get(), ...generics].filter(({ id }) =>
    problem.kit.some((piece, index) => piece.id === id && outfit.code[index]! > 0),
  );
  const added = await addToKit(wanted.map(({ id: _id, ...piece }) => ({ ...piece, priceMinor: null, currency: null })));
  return new Map(wanted.map(({ id }, index) => [id, added[index]!.id]));
}

/**
 * Wears an outfit on the sheet: one command, to be undone there like any.
 * @returns whether it is saved @throws {Error} with a message to show
 */
export async function wearDressed(): Promise<boolean> {
  const dressing = $dressing.get();
  const outfit = chosenOutfit();
  if (dressing.kind !== "found" || !outfit) return false;
  const ids = await addForeign(dressing.problem, outfit);
  editContent(m.wearWhatTheDresserFound, { wearings: wearingsOf(dressing.problem, outfit, ids) });
  return isSavedSoon();
}

/** Whether what was edited is saved, once the sheet's own save has come to an end: a second one would change the version. */
const isSavedSoon = (): Promise<boolean> =>
  new Promise((resolve) => {
    const stop = $save.listen(({ kind }) => {
      if (kind === "changed" || kind === "saving") return;
      stop();
      resolve(kind === "saved");
    });
  });

/** Keeps an outfit under a name. @throws {Error} with a message to show */
export async function keepDressed(name: string): Promise<void> {
  const view = $view.get();
  const dressing = $dressing.get();
  const outfit = chosenOutfit();
  if (!view || dressing.kind !== "found" || !outfit) return;
  const ids = await addForeign(dressing.problem, outfit);
  const wearings = outfitOf({ ...view, wearings: wearingsOf(dressing.problem, outfit, ids) });
  await ask(`/api/people/${view.person.id}/outfits`, "POST", { id: uuid(), name, wearings });
}
