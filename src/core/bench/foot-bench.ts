import { bodyParameters, SEGMENT_INDEX } from "../body";
import { DRYING_ROOM, hoursToDry } from "../care";
import { digitFlowWhenTight } from "../clothing";
import { readLabel } from "../labels";
import { LEVELS, LIMIT_TABLE, type Level } from "../limits";
import { resistancesAt, simulateOuting } from "../simulation";
import type { Outing } from "../outing";
import type { Piece } from "../pieces";
import { lookAt } from "../trace";
import { SITES } from "../patches";
import { GROUNDS, type Ground } from "../weather";
import { bisect } from "../numeric";
import { BENCH_RANGE, benchOuting, type BenchSetting } from "./bench-setting";

/** What is worn on the feet, from the skin out, and what they stand on. */
export type FootSystem = {
  readonly socks: readonly Piece[];
  readonly footbed: Piece | null;
  readonly boot: Piece | null;
  /** What goes over boot and shin. */
  readonly gaiter: Piece | null;
  /** Pad under the soles. */
  readonly under: Piece | null;
};

/** At most so many socks in a boot. */
export const MOST_SOCKS = 3;
/** As many systems as stand side by side. */
export const MOST_COLUMNS = 4;

/** Room in a boot beside what is in it. */
export type FootFit = {
  /** Room under the boot at the toes, mm of cloth; `null` where the boot does not say. */
  readonly roomMm: number | null;
  /** What the socks fill of it, mm. */
  readonly filledMm: number;
  readonly overfilledMm: number;
  /** Share of the blood that reaches the toes. */
  readonly bloodShare: number;
};

/** Minutes until the toes pass each level; `null` where they do not within the hours asked. */
export type ToeMinutes = Readonly<Record<Level, number | null>>;

export type FootAnswer = {
  readonly fit: FootFit;
  /** Resistance from skin to surroundings, m²·K/W. */
  readonly toesM2KPerW: number;
  readonly upperM2KPerW: number;
  readonly soleM2KPerW: number;
  readonly toeMinutes: ToeMinutes;
  /** The same with all the room it needs: what a tight boot costs. `null` where it is not tight. */
  readonly toeMinutesWithRoom: ToeMinutes | null;
  readonly byAir: readonly { readonly airTemperatureC: number; readonly toeMinutes: ToeMinutes }[];
  /** Coldest air in which the toes stay over the accepted limit for the hours asked, °C; `null` where none in reach does. */
  readonly coldestForHoursC: number | null;
  /** What both soles lose after an hour on each ground, W. */
  readonly soleLossW: Readonly<Record<Ground, number>>;
  /** Water in socks, footbed and boot, g a pair, and hours to dry it in a room, pulled apart and left together. */
  readonly drying: { readonly waterG: number; readonly apartH: number | null; readonly togetherH: number | null };
  /** Of the pair with all that is in it; `null` where a mass is not known. */
  readonly massG: number | null;
};

/** From a hard winter night to a thaw, near enough to draw a curve through (assumption). */
const AIR_STEPS_C = [-30, -27, -24, -21, -18, -15, -12, -9, -6, -3, 0, 3, 6] as const;
/** After an hour what the soles lose has settled (assumption). */
const LOOKED_AT_MINUTE = 60;

const piecesOf = ({ socks, footbed, boot, gaiter, under }: FootSystem): Piece[] => [
  ...socks,
  ...[footbed, boot, gaiter, under].flatMap((piece) => piece ?? []),
];

/** Cloth over the toes, mm. */
const thicknessAtToes = ({ label }: Piece): number =>
  readLabel(label)
    .filter(({ patch }) => patch === "toes")
    .reduce(
      (most, { layers }) =>
        Math.max(
          most,
          layers.reduce((total, layer) => total + layer.thicknessMm, 0),
        ),
      0,
    );

function fitOf({ socks, footbed, boot }: FootSystem): FootFit {
  const roomMm = boot?.label.kind === "panels" ? (boot.label.easeMm ?? null) : null;
  const inside = [...socks, ...(footbed ? [footbed] : [])];
  const filledMm = inside.reduce((total, piece) => total + thicknessAtToes(piece), 0);
  const overfilledMm = roomMm === null ? 0 : Math.max(0, filledMm - roomMm);
  return { roomMm, filledMm, overfilledMm, bloodShare: digitFlowWhenTight(overfilledMm) };
}

/** The same boot with room for whatever is in it. */
const withRoom = (system: FootSystem): FootSystem =>
  system.boot?.label.kind === "panels"
    ? { ...system, boot: { ...system.boot, label: { ...system.boot.label, easeMm: undefined } } }
    : system;

/** First minute at which the colder foot's toes lie below each level's limit. */
function toeMinutesOf(outing: Outing): ToeMinutes {
  const { digitC, minutes } = simulateOuting(outing, { only: ["toes"] }).series;
  const below = (limitC: number): number | null => {
    for (let minute = 0; minute <= minutes; minute++) {
      if (Math.min(digitC.leftToes[minute]!, digitC.rightToes[minute]!) < limitC) return minute;
    }
    return null;
  };
  return Object.fromEntries(LEVELS.map((level) => [level, below(LIMIT_TABLE.toes.value[level]!)])) as Record<
    Level,
    number | null
  >;
}

function soleLossW(setting: BenchSetting, system: FootSystem, ground: Ground): number {
  const outing = benchOuting({ ...setting, ground }, piecesOf(system));
  const minute = Math.min(LOOKED_AT_MINUTE, outing.phases[0]!.minutes);
  const { sites } = lookAt(outing, minute);
  return sites.reduce((total, { lostW }, site) => total + (SITES[site]!.patch === "sole" ? lostW : 0), 0);
}

/** Finer than boots are told apart by. */
const COLDEST_WITHIN_K = 0.5;

function coldestFor(setting: BenchSetting, pieces: readonly Piece[]): number | null {
  const [coldest, warmest] = BENCH_RANGE.airTemperatureC;
  const lasts = (airTemperatureC: number): boolean =>
    toeMinutesOf(benchOuting({ ...setting, airTemperatureC }, pieces))[setting.person.accepted.toes] === null;
  if (!lasts(warmest)) return null;
  if (lasts(coldest)) return coldest;
  return bisect((airC) => (lasts(airC) ? 1 : -1), coldest, warmest, COLDEST_WITHIN_K);
}

/** What the feet's clothes hold at the end of the hours asked, and how long it takes to dry. */
function dryingOf(setting: BenchSetting, system: FootSystem): FootAnswer["drying"] {
  const { series } = simulateOuting(benchOuting(setting, piecesOf(system)), { only: ["toes"] });
  const gPerM2 = series.waterGPerM2.feet[series.minutes]!;
  const { skinAreaM2 } = bodyParameters(setting.person.body);
  const hours = (way: "pulledOut" | "fixed"): number | null =>
    hoursToDry(gPerM2, way, DRYING_ROOM.airC, DRYING_ROOM.relativeHumidityPercent);
  const feetM2 = skinAreaM2[SEGMENT_INDEX.leftFoot]! + skinAreaM2[SEGMENT_INDEX.rightFoot]!;
  return { waterG: gPerM2 * feetM2, apartH: hours("pulledOut"), togetherH: hours("fixed") };
}

/**
 * What a boot with socks, footbed and pad is worth in a setting: fit, resistances, minutes to each limit of the toes, the
 * same over the air's temperature, and what the soles lose on each ground.
 * @throws {CoreError} `out-of-range` when setting or labels leave their ranges
 * @source docs/method.md; the whole model, nothing beside it
 */
export function footBench(setting: BenchSetting, system: FootSystem): FootAnswer {
  const outing = benchOuting(setting, piecesOf(system));
  const fit = fitOf(system);
  const resistances = resistancesAt(outing, 0);
  const masses = piecesOf(system).map(({ massG }) => massG);
  return {
    fit,
    toesM2KPerW: resistances["toes.left"]!,
    upperM2KPerW: resistances["footUpper.left"]!,
    soleM2KPerW: resistances["sole.left"]!,
    toeMinutes: toeMinutesOf(outing),
    toeMinutesWithRoom: fit.overfilledMm > 0 ? toeMinutesOf(benchOuting(setting, piecesOf(withRoom(system)))) : null,
    byAir: AIR_STEPS_C.map((airTemperatureC) => ({
      airTemperatureC,
      toeMinutes: toeMinutesOf(benchOuting({ ...setting, airTemperatureC }, piecesOf(system))),
    })),
    coldestForHoursC: coldestFor(setting, piecesOf(system)),
    soleLossW: Object.fromEntries(GROUNDS.map((ground) => [ground, soleLossW(setting, system, ground)])) as Record<
      Ground,
      number
    >,
    drying: dryingOf(setting, system),
    massG: masses.some((mass) => mass === undefined) ? null : masses.reduce<number>((total, mass) => total + mass!, 0),
  };
}
