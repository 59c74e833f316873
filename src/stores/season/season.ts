import * as m from "@/messages";
import { atom } from "nanostores";
import { withSitMinutes } from "@/core/outing";
import type { DresserPiece } from "@/core/dresser";
import { datesOf, hoursNear, inventedYear, type SeasonDay, type SeasonHabit, type SeasonWeather } from "@/core/season";
import type { Kit, KitSeason, Purchase, SeasonWithPurchases } from "@/core/wardrobe";
import { candidatePieces, dresserPieces } from "@/formats/wire/kit/dresser-kit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { siteOf, type TablePlace } from "@/formats/season-weather/read-season-file";
import type { Told } from "@/formats/table/read-table";
import { workBeside } from "@/workers/works-client";
import { askWorkers } from "../jobs";
import { messageOf } from "../message-of";
import { labelsSaid } from "./candidates";

/** What is worn: the outing's own outfit, or each day the best of the person's whole kit. */
export const SEASON_OF = ["outfit", "kit"] as const;
export type SeasonOf = (typeof SEASON_OF)[number];

/** Where a year's hours come from. */
export type SeasonSource =
  | { readonly kind: "invented"; readonly seed: number }
  | {
      readonly kind: "file";
      readonly name: string;
      readonly weather: SeasonWeather;
      readonly notes: readonly Told[];
    };

/** What a season of a whole kit adds. */
export type SeasonOfKit = {
  readonly kit: Kit;
  readonly season: KitSeason;
  readonly purchases: readonly Purchase[];
  readonly candidates: readonly DresserPiece[];
};

export type Found = {
  readonly habit: SeasonHabit;
  readonly weather: SeasonWeather;
  readonly isInvented: boolean;
  readonly days: readonly SeasonDay[];
  readonly withoutWeather: number;
  readonly ofKit: SeasonOfKit | null;
};

export type SeasonState =
  | { readonly kind: "asked" }
  | { readonly kind: "computing"; readonly doneShare: number }
  | { readonly kind: "found"; readonly found: Found }
  | { readonly kind: "failed"; readonly message: string };

export const $habit = atom<SeasonHabit | null>(null);
export const $seasonOf = atom<SeasonOf>("outfit");
export const $source = atom<SeasonSource>({ kind: "invented", seed: 0 });
/** The page computes by itself what workers of the server would: there are none. */
export const $isHere = atom(false);
export const $season = atom<SeasonState>({ kind: "asked" });

/** July: before it a northern season is over, after it the next begins. */
const YEAR_BEGINS_MONTH = 6;

/** The place of an outing, for weather that has no site of its own. */
export const placeOf = ({ place, setting }: OutingView): TablePlace | null =>
  setting.latitudeDeg === undefined || setting.longitudeDeg === undefined
    ? null
    : {
        name: place.name,
        latitudeDeg: setting.latitudeDeg,
        longitudeDeg: setting.longitudeDeg,
        timeZone: place.timeZone,
      };

/** @throws {Error} with a message to show, where the place has no coordinates */
function weatherOf(view: OutingView, source: SeasonSource): SeasonWeather {
  if (source.kind === "file") return source.weather;
  const place = placeOf(view);
  if (!place) throw new Error(m.seasonPlaceNeedsCoordinates);
  const start = new Date(view.startsAt);
  const year = start.getUTCFullYear() - (start.getUTCMonth() < YEAR_BEGINS_MONTH ? 1 : 0);
  return inventedYear(siteOf(place, view.startsAt), Date.UTC(year, YEAR_BEGINS_MONTH, 1), source.seed);
}

let turn = 0;

export function cancelSeason(): void {
  turn++;
  $season.set({ kind: "asked" });
}

/** Computes the season of an outing's plan; what was being computed is given up. */
export async function computeSeason(view: OutingView): Promise<void> {
  const own = ++turn;
  const isStale = (): boolean => own !== turn;
  const onProgress = (doneShare: number): boolean => {
    if (!isStale()) $season.set({ kind: "computing", doneShare });
    return !isStale();
  };
  onProgress(0);
  $isHere.set(false);
  try {
    const [habit, source] = [$habit.get()!, $source.get()];
    const weather = weatherOf(view, source);
    const answer = $seasonOf.get() === "kit" ? ofKit : ofOutfit;
    const found = await answer(view, weather, habit, onProgress);
    if (!found || isStale()) return;
    $season.set({ kind: "found", found: { habit, weather, isInvented: source.kind === "invented", ...found } });
  } catch (error) {
    if (!isStale()) $season.set({ kind: "failed", message: messageOf(error) });
  }
}

type Answer = Pick<Found, "days" | "withoutWeather" | "ofKit">;
type OnProgress = (doneShare: number) => boolean;

async function ofOutfit(
  view: OutingView,
  weather: SeasonWeather,
  habit: SeasonHabit,
  onProgress: OnProgress,
): Promise<Answer | null> {
  const outing = viewToOuting(view);
  const season = await workBeside("outfit-season", { outing, weather, habit }, onProgress);
  return season && { ...season, ofKit: null };
}

/** In the kit as it is saved, by the server's workers where there are any. */
async function ofKit(
  view: OutingView,
  weather: SeasonWeather,
  habit: SeasonHabit,
  onProgress: OnProgress,
): Promise<Answer | null> {
  const outing = viewToOuting(view);
  const kit: Kit = {
    outing: { ...outing, pieces: [], wearings: [] },
    pieces: dresserPieces(view, [], []),
    wantedMinutes: habit.wantedMinutes,
  };
  if (kit.pieces.length === 0) throw new Error(m.reachKitIsEmpty);
  const labels = labelsSaid(candidatePieces(view));
  const candidates = candidatePieces(view, labels);
  const plan = withSitMinutes(outing, habit.wantedMinutes);
  const seats = datesOf(habit, weather.site, weather.hours).map(({ seatAtMs }) => seatAtMs);
  const near: SeasonWeather = { site: weather.site, hours: hoursNear(plan, seats, weather.hours) };
  const asked = {
    work: "kit-season",
    outingId: view.id,
    habit: copyOf(habit),
    weather: copyOf(near),
    ...(labels.length > 0 ? { labels: copyOf(labels) } : {}),
  } as const;
  const atServer = await askWorkers(asked, onProgress);
  if (atServer.kind === "left") return null;
  $isHere.set(atServer.kind === "nobody");
  const found =
    atServer.kind === "done"
      ? (atServer.result as SeasonWithPurchases)
      : await workBeside("kit-season", { kit, weather: near, habit, candidates }, onProgress);
  if (!found) return null;
  const { season, purchases } = found;
  return {
    days: season.days,
    withoutWeather: season.withoutWeather,
    ofKit: { kit, season, purchases, candidates },
  };
}

/** As a request takes it: what is read only there may be written here. */
const copyOf = <Of>(value: Of): Writable<Of> => structuredClone(value) as Writable<Of>;
type Writable<Of> = Of extends object ? { -readonly [Key in keyof Of]: Writable<Of[Key]> } : Of;
