import { withoutPhase, type Outing, type Phase } from "../outing";
import type { SitterPosture } from "../sitter";
import type { EffortClass } from "../effort";
import type { Ground, WeatherHour } from "../weather";
import { MS_PER_MINUTE } from "../units";

export const SKIES = ["overcast", "clear"] as const;
export type Sky = (typeof SKIES)[number];

/** What of an outing is taken otherwise; `null`: as it is planned. */
export type ReachSwitches = {
  readonly posture: SitterPosture | null;
  readonly ground: Ground | null;
  readonly sky: Sky | null;
  readonly relativeHumidityPercent: number | null;
  readonly walksIn: boolean;
};

export const AS_PLANNED: ReachSwitches = {
  posture: null,
  ground: null,
  sky: null,
  relativeHumidityPercent: null,
  walksIn: true,
};

const CLOUD_SHARE: Readonly<Record<Sky, number>> = { overcast: 1, clear: 0 };

/** How whoever sits still so makes heat. */
const STILL: Readonly<Record<SitterPosture, EffortClass>> = {
  standing: "standingStill",
  sitting: "sittingStill",
  kneeling: "kneelingStill",
  lying: "lyingStill",
};

function inPosture<Own extends Phase>(phase: Own, posture: SitterPosture): Own {
  if (phase.kind === "task") return { ...phase, posture };
  return phase.kind === "sit" ? { ...phase, posture, effort: { kind: "class", class: STILL[posture] } } : phase;
}

/** Who is driven to the seat wears at once what they would wear there. */
function withoutWalkIn(outing: Outing): Outing {
  if (outing.phases[0]?.kind !== "walkIn") return outing;
  const { minutes } = outing.phases[0];
  const weather = outing.weather.map((hour) => ({ ...hour, minute: hour.minute - minutes }));
  const startsAtMs = outing.startsAtMs === undefined ? undefined : outing.startsAtMs + minutes * MS_PER_MINUTE;
  return withoutWalkIn({ ...outing, ...withoutPhase(outing.phases, outing.wearings, 0), weather, startsAtMs });
}

/** Where one sits, taken otherwise. */
export const placeSwitched = <Own extends Outing["place"]>(place: Own, { ground }: ReachSwitches): Own =>
  ground === null ? place : { ...place, ground, seat: undefined };

/** What one does, taken otherwise. */
export const phaseSwitched = <Own extends Phase>(phase: Own, { posture }: ReachSwitches): Own =>
  posture === null ? phase : inPosture(phase, posture);

/** Its weather, taken otherwise. */
export const hourSwitched = <Own extends Hour>(hour: Own, { sky, relativeHumidityPercent }: ReachSwitches): Own => ({
  ...hour,
  relativeHumidityPercent: relativeHumidityPercent ?? hour.relativeHumidityPercent,
  cloudShare: sky === null ? hour.cloudShare : CLOUD_SHARE[sky],
  radiantTemperatureC: sky === null ? hour.radiantTemperatureC : null,
});
type Hour = Pick<WeatherHour, "relativeHumidityPercent" | "cloudShare" | "radiantTemperatureC">;

/** An outing with some of it taken otherwise, for the question how far an outfit reaches there. */
export function switched(outing: Outing, switches: ReachSwitches): Outing {
  const own: Outing = {
    ...outing,
    place: placeSwitched(outing.place, switches),
    phases: outing.phases.map((phase) => phaseSwitched(phase, switches)),
    weather: outing.weather.map((hour) => hourSwitched(hour, switches)),
  };
  return switches.walksIn ? own : withoutWalkIn(own);
}
