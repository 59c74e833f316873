import type { BodyPerson } from "../body";
import { heatCourse, type HeatCourse, type HeatSource, type HeatSpan } from "../heat";
import { HELD_PAST_PLAN_MINUTES } from "../limits";
import { SITES } from "../patches";
import { createBroughtHeat, type BroughtHeat } from "../sitter";
import { type Outing, type Wearing, totalMinutes } from "../outing";
import type { Piece } from "../pieces";
import { siteAreasM2 } from "./outfit/site-areas";
import { DIGIT_AT_SITE, type SiteStacks } from "./outfit/stack-over";
import type { OwnedLayer } from "./outfit/water-layers";

/** A source as worn: where its heat enters the layers. */
export type Heater = {
  readonly wearing: Wearing;
  readonly source: HeatSource;
  /** Sites it lies on, with the share of its heat there that goes to the skin. */
  readonly on: readonly { readonly site: number; readonly toSkinShare: number }[];
};

/** Surface of the outermost layer to air and surroundings in little wind, m²·K/W (assumption, to share heat out only). */
const OUTER_AIR_M2K_PER_W = 0.1;
/** A pack in a closed boot has less of the air it needs (assumption). */
export const PACK_IN_BOOT = 0.7;
/** What runs from a battery is off until it is switched on. */
const OFF: readonly HeatSpan[] = [];

/** Share of heat set free in a layer that goes inwards: what lies outside it over all. */
function toSkinShare(shells: readonly number[], layer: number): number {
  const inside = shells.slice(0, layer).reduce((sum, shell) => sum + shell, 0) + shells[layer]! / 2;
  const all = shells.reduce((sum, shell) => sum + shell, OUTER_AIR_M2K_PER_W);
  return 1 - inside / all;
}

/** What of a dress brings heat. */
export function heatersOf(
  worn: readonly (Wearing & { readonly piece: Piece })[],
  owned: readonly (readonly OwnedLayer[])[],
  stacks: SiteStacks,
): Heater[] {
  return worn.flatMap((wearing) => {
    const { heat: source } = wearing.piece;
    if (!source) return [];
    const on = owned.flatMap((layers, site) => {
      const { side } = SITES[site]!;
      if (wearing.side !== "both" && side !== null && side !== wearing.side) return [];
      const layer = layers.findIndex(({ piece }) => piece === wearing.piece);
      const shells = stacks[site]?.shellsM2KPerW ?? [];
      if (layer < 0 || layer >= shells.length) return [];
      const air = source.kind === "pack" && layers.slice(layer).some((over) => over.layer.rigidWall) ? PACK_IN_BOOT : 1;
      return [{ site, toSkinShare: toSkinShare(shells, layer) * air }];
    });
    return on.length > 0 ? [{ wearing, source, on }] : [];
  });
}

/** How a wearing's source runs when nothing is said: a pack from when it is put on. */
export const heatSpansOf = ({ heat, fromMinute, toMinute }: Wearing, source: HeatSource): readonly HeatSpan[] =>
  heat ?? (source.kind === "pack" ? [{ fromMinute, toMinute, level: 1 }] : OFF);

/** Heat that packs and heated clothes bring through an outing. */
export class BroughtHeats {
  private readonly minutes: number;
  private readonly meanAirC: number;
  private readonly areaM2: Float64Array;
  private readonly courses = new Map<Wearing, HeatCourse>();
  private readonly now: BroughtHeat = createBroughtHeat();

  constructor({ phases, weather }: Pick<Outing, "phases" | "weather">, person: BodyPerson) {
    this.minutes = totalMinutes(phases) + HELD_PAST_PLAN_MINUTES;
    this.meanAirC = weather.reduce((sum, hour) => sum + hour.airTemperatureC, 0) / weather.length;
    this.areaM2 = siteAreasM2(person);
  }

  /** The course of a source, resolved when first asked for. */
  courseOf({ wearing, source }: Pick<Heater, "wearing" | "source">): HeatCourse {
    const known = this.courses.get(wearing);
    if (known) return known;
    const course = heatCourse(source, heatSpansOf(wearing, source), this.minutes, this.meanAirC);
    this.courses.set(wearing, course);
    return course;
  }

  /** What reaches skin and digits at a minute; the same object each time. */
  at(heaters: readonly Heater[], minute: number): BroughtHeat {
    const { now } = this;
    now.skinW.fill(0);
    now.digitsWPerM2.fill(0);
    for (const heater of heaters) {
      const powerW = this.courseOf(heater).powerW[Math.min(this.minutes - 1, Math.max(0, Math.floor(minute)))]!;
      if (powerW > 0) this.spread(heater, powerW);
    }
    return now;
  }

  /** A pair of packs gives its power on either side; what is electric shares it over all it lies on. */
  private spread({ source, on }: Heater, powerW: number): void {
    for (const { site, toSkinShare: inwards } of on) {
      const alike = source.kind === "pack" ? on.filter((other) => SITES[other.site]!.side === SITES[site]!.side) : on;
      const areaM2 = alike.reduce((sum, other) => sum + this.areaM2[other.site]!, 0);
      const perM2 = (powerW / areaM2) * inwards;
      const digit = DIGIT_AT_SITE[site]!;
      if (digit >= 0) this.now.digitsWPerM2[digit] = this.now.digitsWPerM2[digit]! + perM2;
      else {
        const segment = SITES[site]!.segmentIndex;
        this.now.skinW[segment] = this.now.skinW[segment]! + perM2 * this.areaM2[site]!;
      }
    }
  }
}
