import { wrap, type Remote } from "comlink";
import { atom, computed } from "nanostores";
import type { DriedHow, TripDay, TripNight } from "@/core/trip";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import type { TripWorker } from "@/workers/trip.worker";
import { ask } from "../ask";
import { messageOf } from "../message-of";

/** The trip on screen. */
export const $trip = atom<TripView | null>(null);

/** Days of one sitter of the trip, by their places in it, as they were lived through. */
export type SitterDays = {
  readonly personId: string;
  readonly personName: string;
  readonly places: readonly number[];
  readonly days: readonly TripDay[];
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
const tripWorker = (): Remote<TripWorker> =>
  (worker ??= wrap<TripWorker>(
    new Worker(new URL("../../workers/trip.worker.ts", import.meta.url), { type: "module" }),
  ));

let turn = 0;

/** Lives through the trip on screen: each sitter's days out of their own bag. */
export async function computeTrip(): Promise<void> {
  const trip = $trip.get();
  if (!trip) return;
  const own = ++turn;
  const people = new Map(trip.days.map(({ outing }) => [outing.person.id, outing.person.name]));
  const sitters: SitterDays[] = [];
  for (const [personId, personName] of people) {
    const places = [...trip.days.keys()].filter((place) => trip.days[place]!.outing.person.id === personId);
    const days = places.map((place) => viewToOuting(trip.days[place]!.outing));
    const nights = places.map((place) => trip.days[place]!.night);
    const reply = await tripWorker().live({ days, nights });
    if (own !== turn) return;
    if (!reply.ok) return $lived.set({ kind: "failed", message: reply.message });
    sitters.push({ personId, personName, places, days: reply.days });
  }
  $lived.set({ kind: "found", sitters });
}

let saving: Promise<void> = Promise.resolve();

/** Saves the trip on screen after whatever is being saved. */
function save(): void {
  saving = saving.then(async () => {
    const trip = $trip.get();
    if (!trip) return;
    const { id, version, name, days } = trip;
    try {
      const body = { version, name, days: days.map(({ outing, night }) => ({ outingId: outing.id, night })) };
      const saved = await ask<{ version: number }>(`/api/trips/${id}`, "PUT", body);
      const now = $trip.get();
      if (now?.id === id) $trip.set({ ...now, version: saved.version });
      $saveProblem.set(null);
    } catch (error) {
      $saveProblem.set(messageOf(error));
    }
  });
}

function show(next: TripView): void {
  $trip.set(next);
  save();
  void computeTrip();
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

/** Changes the night after a day. @param place of the day */
export function changeNight(place: number, change: Partial<TripNight>): void {
  const trip = $trip.get();
  if (!trip) return;
  edit({
    ...trip,
    days: trip.days.map((day, own) => (own === place ? { ...day, night: { ...day.night, ...change } } : day)),
  });
}

/** Says how a piece spends a night; `null`: as it usually does. */
export function changeHow(place: number, pieceId: string, how: DriedHow | null): void {
  const night = $trip.get()?.days[place]?.night;
  if (!night) return;
  const { [pieceId]: _before, ...others } = night.how;
  changeNight(place, { how: how === null ? others : { ...others, [pieceId]: how } });
}
