import type { PracticePreferences } from "@/core/changes";
import type { HeatSpan } from "@/core/heat";
import type { Label } from "@/core/labels";
import type { Limit, LimitPart, LimitPlace } from "@/core/limits";
import type { Phase, PlaceSetting, WearingSide, WhenOff } from "@/core/outing";
import type { PieceKind, PieceTraits } from "@/core/pieces";
import type { LeakPoint } from "@/core/patches";
import type { OutingPreparation } from "@/core/evening";
import type { NotesView, PersonContent } from "../people/person-view";

/** A number as it was typed, with its unit. */
export type TypedNumber = { readonly value: number; readonly unit: string };

export type WeatherHourView = {
  /** ISO 8601, UTC. */
  readonly at: string;
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly relativeHumidityPercent: number;
  readonly radiantTemperatureC: number | null;
  readonly cloudShare: number | null;
  /** Through the hour that begins here, as water, mm. */
  readonly precipitationMm: number | null;
  readonly airTemperatureTyped: TypedNumber | null;
  readonly windTyped: TypedNumber | null;
};

export type PhaseView = Omit<Phase, "spot"> & { readonly id: string };

export type WearingView = {
  readonly id: string;
  readonly pieceId: string;
  readonly side: WearingSide;
  readonly rank: number;
  readonly fromMinute: number;
  readonly toMinute: number;
  readonly opened: readonly LeakPoint[];
  readonly withoutParts: readonly string[];
  readonly whenOff: WhenOff;
  /** `null`: as the source usually runs. */
  readonly heat?: readonly HeatSpan[] | null | undefined;
};

export type PieceView = {
  readonly id: string;
  readonly name: string;
  readonly kind: PieceKind;
  readonly label: Label;
  readonly fingersTogether: boolean;
  readonly traits: PieceTraits;
  readonly massG: number | null;
  /** In minor units of `currency`. */
  readonly priceMinor: number | null;
  readonly currency: string | null;
};

/** What a person may change on the day sheet. */
export type OutingContentView = {
  readonly setting: PlaceSetting;
  /** The hours were shaped from a low and a high. */
  readonly weatherShaped: boolean;
  readonly weather: readonly WeatherHourView[];
  readonly phases: readonly PhaseView[];
  readonly wearings: readonly WearingView[];
  /** What the figure does not follow from: forecast taken, track, ticks, who knows of it. */
  readonly plan: OutingPreparation;
};

/** A whole outing as server and browser pass it. */
export type OutingView = OutingContentView & {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly invented: boolean;
  readonly startsAt: string;
  /** Outings of several sitters who go together share it. */
  readonly partyId: string | null;
  readonly person: PersonContent & {
    readonly id: string;
    readonly practicePreferences: PracticePreferences;
    readonly notes?: NotesView | undefined;
  };
  readonly place: { readonly id: string; readonly name: string; readonly timeZone: string };
  readonly kit: readonly PieceView[];
};

/** A verdict in a line: the middle of its range, and where eight cases of ten lie; `null` later than was looked at. */
export type VerdictLine = {
  readonly kind: "ends" | "arrivesTooCold" | "longerThan";
  readonly minutesStill: number;
  readonly lowMinutes: number | null;
  readonly highMinutes: number | null;
  /** Minutes after which the standard's heat debt would end it; `null` not as far as was looked at. */
  readonly standardMinutes: number | null;
  readonly plannedMinutes: number;
  readonly sitFromMinute: number;
  readonly limit: Limit | null;
  readonly part: LimitPart | null;
  readonly side: LimitPlace["side"];
};

/** An outing in the list. */
export type OutingLine = {
  readonly id: string;
  readonly name: string;
  readonly invented: boolean;
  /** Its hours come from a forecast that is made up. */
  readonly inventedWeather: boolean;
  readonly startsAt: string;
  readonly timeZone: string;
  readonly personId: string;
  readonly personName: string;
  readonly placeName: string;
  readonly partyId: string | null;
  readonly verdict: VerdictLine | null;
  /** The verdict is of another model, of other clothes or of another plan: the one that holds is being computed. */
  readonly isRecomputing: boolean;
};

/** An error as every endpoint answers it. */
export type ErrorBody = {
  readonly error: {
    readonly code: string;
    readonly message: string;
    readonly problems?: readonly { readonly path: string; readonly reason: string }[];
    readonly currentVersion?: number;
  };
};
