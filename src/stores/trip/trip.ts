import * as m from "@/messages";
import { proxy, wrap, type Remote } from "comlink";
import { atom, computed } from "nanostores";
import type { KnownPiece } from "@/core/dressing";
import type { BagLimit, DriedHow, InTurns, LeftOut, Supplies, Trip, TripDay, TripNight, Weakest } from "@/core/trip";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { TripPast, TripView } from "@/formats/wire/trips/trip-view";
import { kitOf, viewToOuting } from "@/formats/wire/outing/view-to-outing";
import type { TripReply, TripWorker } from "@/workers/trip.worker";
import { ask } from "../ask";
import { messageOf } from "../message-of";
import { renewKept, renewKeptBelow } from "../saving/offline";
import { saveDay } from "./save-day";
import { forgetUnsavedTrip, keepUnsavedTrip, unsavedTrip } from "./unsaved-trip";

/** The trip on screen. */
export const $trip = atom<TripView | null>(null);

/** Days of one sitter of the trip, by their places in it, as they were lived through. */
export type SitterDays = {
  readonly personId: string;
  readonly personName: string;
  readonly places: readonly number[];
  readonly days: readonly TripDay[];
  readonly weakest: Weakest;
};
export type LivedState =
  | { readonly kind: "computing" }
  | { readonly kind: "found"; readonly sitters: readonly SitterDays[] }
  | { readonly kind: "failed"; readonly message: string };
export const $lived = atom<LivedState>({ kind: "computing" });

/** What was edited and can be taken back, the latest last. */
const $before = atom<readonly TripView[]>([]);
export const $canUndo = computed($before, (before) => before.length > 0);
export const $saveProblem = atom<string | null>(null);

let worker: Remote<TripWorker> | null = null;
export const tripWorker = (): Remote<TripWorker> =>
  (worker ??= wrap<TripWorker>(
    new Worker(new URL("../../workers/trip.worker.ts", import.meta.url), { type: "module" }),
  ));

/** Whoever sits, and the places of their days in the trip. */
export const sittersOf = ({ days }: TripView): { personId: string; personName: string; places: number[] }[] => {
  const people = new Map(days.map(({ outing }) => [outing.person.id, outing.person.name]));
  return [...people].map(([personId, personName]) => ({
    personId,
    personName,
    places: [...days.keys()].filter((place) => days[place]!.outing.person.id === personId),
  }));
};

/** One sitter's trip as the core takes it. */
export function tripOf(trip: TripView, places: readonly number[]): Trip {
  const { supplies } = trip.content;
  return {
    days: places.map((place) => viewToOuting(trip.days[place]!.outing)),
    nights: places.map((place) => trip.days[place]!.night),
    // Power banks are shared evenly; devices are looked after by whoever goes first.
    supplies: {
      ...supplies,
      powerBankWh: supplies.powerBankWh / sittersOf(trip).length,
      devices: places.includes(0) ? supplies.devices : [],
    },
  };
}

/** All that a sitter may take along. */
export function kitOfSitter({ days }: TripView, places: readonly number[]): KnownPiece[] {
  const { outing } = days[places[0]!]!;
  const traits = new Map(outing.kit.map((piece) => [piece.id, piece.traits]));
  return kitOf(outing).map((piece) => ({ ...piece, traits: traits.get(piece.id) ?? {} }));
}

let turn = 0;

/** Lives through the trip on screen: each sitter's days out of their own bag. */
export async function computeTrip(): Promise<void> {
  const trip = $trip.get();
  if (!trip) return;
  const own = ++turn;
  const sitters: SitterDays[] = [];
  const failed = (reply: TripReply<unknown>): boolean => {
    if (own !== turn || reply.ok) return own !== turn;
    $lived.set({ kind: "failed", message: reply.message });
    return true;
  };
  for (const sitter of sittersOf(trip)) {
    const input = tripOf(trip, sitter.places);
    const days = await tripWorker().live(input);
    if (failed(days) || !days.ok) return;
    const weakest = await tripWorker().weakest(input, days.answer);
    if (failed(weakest) || !weakest.ok) return;
    sitters.push({ ...sitter, days: days.answer, weakest: weakest.answer });
  }
  $lived.set({ kind: "found", sitters });
}

/** Asks what to wear in turns. @throws {Error} with a message to show */
export async function askInTurns(places: readonly number[]): Promise<InTurns | null> {
  const trip = $trip.get();
  if (!trip) return null;
  return answerOf(await tripWorker().inTurns(tripOf(trip, places), kitOfSitter(trip, places)));
}

/** Asks what to leave at home. @throws {Error} with a message to show */
export async function askWhatToLeave(
  places: readonly number[],
  onPiece: (done: number, of: number) => void,
): Promise<LeftOut | null> {
  const trip = $trip.get();
  if (!trip) return null;
  const [input, kit] = [tripOf(trip, places), kitOfSitter(trip, places)];
  return answerOf(await tripWorker().whatToLeave(input, kit, trip.content.bag, proxy(onPiece)));
}

/** @throws {Error} with a message to show */
export function answerOf<Answer>(reply: TripReply<Answer>): Answer {
  if (!reply.ok) throw new Error(reply.message);
  return reply.answer;
}

let saving: Promise<void> = Promise.resolve();
/** Edits that are not on the server yet: who leaves now is asked first. */
export const $unsaved = atom(0);
/** Outings as they were last saved. */
const saved = new Map<string, OutingView>();

/** Asks who leaves while something is not saved, and saves again once there is a network. @returns stops both */
export function guardUnsaved(): () => void {
  const warn = (event: BeforeUnloadEvent): void => {
    if ($unsaved.get() > 0) event.preventDefault();
  };
  const again = (): void => {
    if ($saveProblem.get() !== null) save();
  };
  window.addEventListener("beforeunload", warn);
  window.addEventListener("online", again);
  return () => {
    window.removeEventListener("beforeunload", warn);
    window.removeEventListener("online", again);
  };
}

/** Takes a trip up as the server gave it. */
export function takeUpTrip(trip: TripView): void {
  $trip.set(trip);
  for (const { outing } of trip.days) saved.set(outing.id, outing);
}

/** Shows what was edited here and did not reach the server, where nobody changed the trip meanwhile; computes what is shown. */
export async function continueTrip(): Promise<void> {
  const trip = $trip.get();
  const kept = trip && (await unsavedTrip(trip.id));
  if (!kept) return computeTrip();
  if (kept.version === trip.version && versionsOf(kept) === versionsOf(trip)) return edit(kept);
  await forgetUnsavedTrip(trip.id);
  $saveProblem.set(m.tripUnsavedIsOld);
  return computeTrip();
}

const versionsOf = ({ days }: TripView): string => days.map(({ outing }) => `${outing.id} ${outing.version}`).join();

/** Saves the trip on screen, and days that are dressed otherwise, after whatever is being saved. */
function save(): void {
  $unsaved.set($unsaved.get() + 1);
  saving = saving.then(saveNow).finally(() => $unsaved.set($unsaved.get() - 1));
}

async function saveNow(): Promise<void> {
  const trip = $trip.get();
  if (!trip) return;
  const { id, version, name, days, content } = trip;
  await keepUnsavedTrip(trip);
  try {
    for (const { outing } of days) {
      const was = saved.get(outing.id);
      if (!was || (was.wearings === outing.wearings && was.plan === outing.plan)) continue;
      const after = { ...outing, version: was.version };
      const label = was.wearings === outing.wearings ? m.tripPackedFor({ name }) : m.tripWornOtherwise({ name });
      const outingVersion = await saveDay(was, after, label);
      saved.set(outing.id, { ...after, version: outingVersion });
      renewKept(outing.id);
    }
    const body = {
      version,
      name,
      content,
      days: days.map(({ outing, night }) => ({ outingId: outing.id, night })),
    };
    const kept = await ask<{ version: number }>(`/api/trips/${id}`, "PUT", body);
    const now = $trip.get();
    if (now?.id === id) $trip.set({ ...now, version: kept.version });
    $saveProblem.set(null);
    await forgetUnsavedTrip(id);
    renewKeptBelow(`/trips/${id}`);
  } catch (error) {
    $saveProblem.set(messageOf(error));
  }
}

function show(next: TripView): void {
  const before = $trip.get();
  $trip.set(next);
  save();
  // What was only packed lasts as long as before.
  const isPackedOnly = before?.days.every(
    ({ outing, night }, place) =>
      outing.wearings === next.days[place]?.outing.wearings && night === next.days[place].night,
  );
  if (!isPackedOnly || before?.content.supplies !== next.content.supplies) void computeTrip();
}

function edit(next: TripView): void {
  $before.set([...$before.get(), $trip.get()!]);
  show(next);
}

/** Takes the last edit back. */
export function undo(): void {
  const before = $before.get();
  const last = before.at(-1);
  const now = $trip.get();
  if (!last || !now) return;
  $before.set(before.slice(0, -1));
  show({ ...last, version: now.version });
}

/** Makes the trip what it was: its name, nights, supplies and bag; its outings stay as they are. Undo takes that back too. */
export function backTo({ name, content, days }: TripPast): void {
  const trip = $trip.get();
  if (!trip) return;
  const nights = new Map(days.map(({ outingId, night }) => [outingId, night]));
  edit({
    ...trip,
    name,
    content,
    days: trip.days.map((day) => ({ ...day, night: nights.get(day.outing.id) ?? day.night })),
  });
}

/** Takes the trip apart and shows the others; its outings stay. */
export async function takeApart(): Promise<void> {
  const trip = $trip.get();
  if (!trip) return;
  try {
    await saving;
    await ask(`/api/trips/${trip.id}`, "DELETE");
    window.location.assign("/trips");
  } catch (error) {
    $saveProblem.set(messageOf(error));
  }
}

/** Changes the night after days that end together. @param places of the days */
export function changeNights(places: readonly number[], change: Partial<TripNight>): void {
  const trip = $trip.get();
  if (!trip) return;
  edit({
    ...trip,
    days: trip.days.map((day, own) => (places.includes(own) ? { ...day, night: { ...day.night, ...change } } : day)),
  });
}

/** Says how a piece spends a night; `null`: as it usually does. */
export function changeHow(place: number, pieceId: string, how: DriedHow | null): void {
  const night = $trip.get()?.days[place]?.night;
  if (!night) return;
  const { [pieceId]: _before, ...others } = night.how;
  changeNights([place], { how: how === null ? others : { ...others, [pieceId]: how } });
}

/** Says that a piece is washed as a night begins, or not. */
export function washPiece(place: number, pieceId: string, isWashed: boolean): void {
  const night = $trip.get()?.days[place]?.night;
  if (!night) return;
  const others = (night.washed ?? []).filter((own) => own !== pieceId);
  changeNights([place], { washed: isWashed ? [...others, pieceId] : others });
}

export function changeSupplies(change: Partial<Supplies>): void {
  const trip = $trip.get();
  if (trip) edit({ ...trip, content: { ...trip.content, supplies: { ...trip.content.supplies, ...change } } });
}

export function changeBag(change: Partial<BagLimit>): void {
  const trip = $trip.get();
  if (trip) edit({ ...trip, content: { ...trip.content, bag: { ...trip.content.bag, ...change } } });
}

/** Changes days, all in one edit. @param change of a day's outing; the same one where nothing changes */
export function changeOutings(change: (outing: OutingView, place: number) => OutingView): void {
  const trip = $trip.get();
  if (!trip) return;
  edit({
    ...trip,
    days: trip.days.map((day, place) => {
      const outing = change(day.outing, place);
      return outing === day.outing ? day : { ...day, outing };
    }),
  });
}
