import { EFFORT_CLASS } from "@/core/effort";
import { levelEverywhere, type Level, type Limit, minutesStillOf } from "@/core/limits";
import { computedTraitsOf, type Piece } from "@/core/pieces";
import { simulateOuting, type OutingResult } from "@/core/simulation";
import type { Outing, Phase } from "@/core/outing";
import { USUAL_START } from "@/core/sitter";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";

/** Pieces from the skin out; each may come on late or be changed. */
export type Worn =
  StarterPieceKey | { readonly piece: Piece; readonly fromSit?: boolean } | { readonly late: StarterPieceKey };

/** A sit as people tell of it. */
export type Setting = {
  readonly worn: readonly Worn[];
  readonly airC: number;
  readonly windMPerS: number;
  readonly sitMinutes: number;
  readonly place?: Partial<Outing["place"]>;
  readonly posture?: Phase["posture"];
  readonly activityRatio?: number;
  readonly walk?: Partial<Phase> & { readonly minutes: number };
};

export const demoPiece = (key: StarterPieceKey, change: Partial<Piece> = {}): Piece => {
  const { name, kind, label, fingersTogether = false, massG, traits = {} } = starterPiece(key);
  return { ...computedTraitsOf(traits), id: key, name, kind, label, fingersTogether, massG, ...change };
};

const WALK_MINUTES = 40;
/** With a load through a little snow. */
const WALK = { activityRatio: 4.5, walkSpeedMPerS: 1 } as const;

/** A grown man of ordinary build walks in for forty minutes and sits down. */
export function outingOf(setting: Setting): Outing {
  const { walk, sitMinutes, airC, windMPerS } = setting;
  const walkMinutes = walk?.minutes ?? WALK_MINUTES;
  const end = walkMinutes + sitMinutes;
  const dressed = setting.worn.map((worn) => {
    if (typeof worn === "string") return { piece: demoPiece(worn), from: 0 };
    return "late" in worn
      ? { piece: demoPiece(worn.late), from: walkMinutes }
      : { piece: worn.piece, from: worn.fromSit ? walkMinutes : 0 };
  });
  return {
    person: {
      body: { heightM: 1.78, massKg: 80, fatPercent: 18, ageYears: 40, sex: "male" },
      accepted: levelEverywhere("cold"),
    },
    place: { shelter: "edgeOfWood", seatHeightM: 0, ground: "snow", ...setting.place },
    start: USUAL_START,
    weather: [{ minute: 0, airTemperatureC: airC, windMPerS, relativeHumidityPercent: 80, radiantTemperatureC: null }],
    phases: [
      { kind: "walkIn", posture: "standing", ...WALK, ...walk, minutes: walkMinutes },
      {
        kind: "sit",
        minutes: sitMinutes,
        posture: setting.posture ?? "sitting",
        activityRatio: setting.activityRatio ?? EFFORT_CLASS.sittingStill.activityRatio,
        walkSpeedMPerS: 0,
      },
    ],
    pieces: dressed.map(({ piece }) => piece),
    wearings: dressed.map(({ piece, from }, rank) => ({
      pieceId: piece.id,
      side: "both",
      rank,
      fromMinute: from,
      toMinute: end,
    })),
  };
}

/** Minutes still by these limits; `Infinity` when nothing ends it as far as was simulated. */
export function minutesBy(setting: Setting, only?: readonly Limit[], level: Level = "cold"): number {
  const outing = outingOf(setting);
  const own = { ...outing, person: { ...outing.person, accepted: levelEverywhere(level) } };
  const { verdict } = simulateOuting(own, { only }).sits[0]!;
  return minutesStillOf(verdict) ?? Infinity;
}

export const resultOf = (setting: Setting): OutingResult => simulateOuting(outingOf(setting));

/** Coldest whole degree at which a sit lasts so long by these limits; searched from mild to cold. */
export function coldestFor(setting: Setting, minutes: number, only?: readonly Limit[], level: Level = "cold"): number {
  const [mildest, coldest] = [20, -45];
  for (let airC = mildest; airC >= coldest; airC--) {
    if (minutesBy({ ...setting, airC }, only, level) < minutes) return airC + 1;
  }
  return coldest;
}

/** "95 min", "longer". */
export const minutesText = (minutes: number): string =>
  Number.isFinite(minutes) ? `${minutes} min` : "longer than simulated";
