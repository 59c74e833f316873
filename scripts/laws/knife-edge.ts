import { simulateOuting } from "@/core/simulation";
import type { Outing } from "@/core/outing";
import { headlineOf, minutesRange } from "@/core/range";

/** A change as small as what nobody measures better. */
type Knife = { readonly name: string; readonly moved: (outing: Outing) => Outing };

const AIR_K = 0.2;
const WIND_M_PER_S = 0.2;
const MINUTES = 2;
/** A jump is told from here on, min: a third of nothing is nothing. */
const LEAST_JUMP = 10;
const MOST_SHARE = 1 / 3;
/** Members by which the headline is told here; the sheet takes more. */
const MEMBERS = 8;

export const KNIVES: readonly Knife[] = [
  {
    name: "0.2 K",
    moved: (outing) => ({
      ...outing,
      weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC - AIR_K })),
    }),
  },
  {
    name: "0.2 m/s",
    moved: (outing) => ({
      ...outing,
      weather: outing.weather.map((hour) => ({ ...hour, windMPerS: hour.windMPerS + WIND_M_PER_S })),
    }),
  },
  {
    name: "2 min of walk",
    moved: (outing) => {
      const [first] = outing.phases;
      if (first!.kind !== "walkIn") return outing;
      return {
        ...outing,
        phases: outing.phases.map((phase, index) =>
          index === 0 ? { ...phase, minutes: phase.minutes + MINUTES } : phase,
        ),
        wearings: outing.wearings.map((wearing) => ({
          ...wearing,
          fromMinute: wearing.fromMinute > 0 ? wearing.fromMinute + MINUTES : 0,
          toMinute: wearing.toMinute + MINUTES,
        })),
      };
    },
  },
];

/** A jump of the headline. */
export type Cut = { readonly knife: string; readonly before: number; readonly after: number };

/** The headline, min; `null` where the middle of the range has no end. */
function headline(outing: Outing): number | null {
  const { kind, minutes } = headlineOf(simulateOuting(outing).sits[0]!, minutesRange(outing, 0, MEMBERS));
  return kind === "longerThan" ? null : minutes;
}

/** Jumps of an outing's headline under each knife; from or to no end is none that can be told in minutes. */
export function tryKnife(outing: Outing): Cut[] {
  const before = headline(outing);
  if (before === null) return [];
  return KNIVES.flatMap(({ name, moved }) => {
    const after = headline(moved(outing));
    if (after === null) return [];
    const jump = Math.abs(after - before);
    return jump > LEAST_JUMP && jump > before * MOST_SHARE ? [{ knife: name, before, after }] : [];
  });
}
