import * as m from "@/messages";
import type { Curve } from "@/charts/body-chart";
import { LEVELS, LIMIT_TABLE, type Level, type Limit } from "@/core/limits";
import type { OutingSeries, SitAnswer } from "@/core/simulation";
import type { CurveLook } from "./curve-look";

/** The sit that decides: the face is drawn where it comes near its limit there. */
export type DecidingSit = Pick<SitAnswer, "fromMinute" | "toMinute"> | null;

/** How a limit is drawn on the time axis. */
type LimitCurve = {
  readonly section: "temperatures" | "debt";
  /** By key of a curve: colour, and a dash as a second cue. */
  readonly looks: Readonly<Record<string, CurveLook>>;
  /** Where eight cases of ten lie; `null`: drawn without. */
  readonly band: { readonly className: string; readonly opacity: number } | null;
  readonly curves: (series: OutingSeries, sit: DecidingSit) => Curve[];
};

const FACE_LOOK = { className: "stroke-sea", dash: "8 3 2 3" };

/** `null`: not drawn, told by the read-out and the verdict. */
export const LIMIT_CURVES: Readonly<Record<Limit, LimitCurve | null>> = {
  toes: {
    section: "temperatures",
    looks: {
      toes: { className: "stroke-rust", name: m.toes },
      leftToes: { className: "stroke-rust", name: m.toesL },
      rightToes: { className: "stroke-rust", dash: "10 4", name: m.toesR },
    },
    band: { className: "fill-rust", opacity: 0.15 },
    curves: (series) => pair("Toes", series),
  },
  fingers: {
    section: "temperatures",
    looks: {
      fingers: { className: "stroke-ink", dash: "6 3", name: m.fingers },
      leftFingers: { className: "stroke-ink", dash: "2 3", name: m.fingersL },
      rightFingers: { className: "stroke-ink", dash: "6 3", name: m.fingersR },
    },
    // Ink: paler than the coloured ones to look the same.
    band: { className: "fill-ink", opacity: 0.08 },
    curves: (series) => pair("Fingers", series),
  },
  face: {
    section: "temperatures",
    looks: {
      nose: { ...FACE_LOOK, name: m.nose },
      cheeks: { ...FACE_LOOK, name: m.cheeks },
      ears: { ...FACE_LOOK, name: m.ears },
    },
    band: null,
    curves: (series, sit) => face(series, sit),
  },
  shivering: null,
  meanSkin: null,
  trunk: null,
  heat: null,
  heatDebt: {
    section: "debt",
    looks: { debt: { className: "stroke-moss", name: m.heatDebt } },
    band: { className: "fill-moss", opacity: 0.15 },
    curves: ({ heatDebtWhPerM2 }) => [{ key: "debt", values: heatDebtWhPerM2 }],
  },
};

/** Looks of all curves that limits are judged by. */
export const LIMIT_LOOKS: Readonly<Record<string, CurveLook>> = Object.assign(
  {},
  ...Object.values(LIMIT_CURVES).map((curve) => curve?.looks),
);

/** Bounds of a limit, a line each. */
export const boundsOf = (limit: Limit): { key: Level; value: number }[] =>
  LEVELS.flatMap((level) => {
    const value = LIMIT_TABLE[limit].value[level];
    return value === null ? [] : [{ key: level, value }];
  });

const SAME_K = 0.05;

/** Left and right as one curve where they never differ. */
function pair(name: "Toes" | "Fingers", series: OutingSeries): Curve[] {
  const left = series.digitC[`left${name}`];
  const right = series.digitC[`right${name}`];
  const same = left.every((value, minute) => Math.abs(value - right[minute]!) < SAME_K);
  return same
    ? [{ key: name.toLowerCase(), values: left }]
    : [
        { key: `left${name}`, values: left },
        { key: `right${name}`, values: right },
      ];
}

/** Parts of the face, and how near to their first limit the coldest has to come to be drawn, K. */
export const FACE = ["nose", "cheeks", "ears"] as const;
const FACE_NEAR_K = 1;
/** After the way in the face comes back under its cover: what it is like before is not the sit's. */
const SETTLES_MINUTES = 10;

/** The part of the face that comes nearest to its limit, where it comes near; left out where it never does. */
function face(series: OutingSeries, sit: DecidingSit): Curve[] {
  if (!sit) return [];
  const inSit = (part: (typeof FACE)[number]): Float64Array =>
    series.digitC[part].subarray(sit.fromMinute + SETTLES_MINUTES, sit.toMinute + 1);
  const coldest = FACE.map((part) => ({ part, leastC: Math.min(...inSit(part)) })).sort(
    (one, other) => one.leastC - other.leastC,
  )[0]!;
  if (coldest.leastC > LIMIT_TABLE.face.value.comfort + FACE_NEAR_K) return [];
  return [{ key: coldest.part, values: series.digitC[coldest.part] }];
}
