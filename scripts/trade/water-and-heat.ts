import { devicePlan } from "@/core/devices";
import { type Limit, minutesStillOf } from "@/core/limits";
import { drySetOf, fallIn } from "@/core/emergency";
import { simulateOuting } from "@/core/simulation";
import { type Outing, totalMinutes } from "@/core/outing";
import type { TradeCheck } from "./check";
import { demoPiece, minutesText, outingOf, type Setting, type Worn } from "./setting";

// Rules of thumb on sweat, wet, packs and falls. All are common practice, no source.

const BODY: readonly Worn[] = [
  "base200Top",
  "base350Legs",
  "balaclava",
  "longHat",
  "faceMask",
  "woolTube",
  "bib",
  "thinGloves",
  "linerSock",
  "heavySock",
  "feltFootbed",
  "heavyBoot",
  "seatPad",
];
const HARD_WALK = { minutes: 40, activityRatio: 6, walkSpeedMPerS: 1.2 } as const;
const base: Setting = { worn: BODY, airC: -8, windMPerS: 2, sitMinutes: 240 };
const FALLS_AT = 100;
const HOURS_WATCHED = 3;
const RAIN_MM = 5;

const minutes = (outing: Outing, only?: readonly Limit[]): number => {
  const { verdict } = simulateOuting(outing, { only }).sits[0]!;
  return minutesStillOf(verdict) ?? Infinity;
};
const inRain = (outing: Outing): Outing => ({
  ...outing,
  place: { ...outing.place, shelter: "openIce" },
  weather: outing.weather.map((hour) => ({ ...hour, precipitationMm: RAIN_MM })),
});

/** The outing with a pair of toe packs, opened at a minute. */
function withToePacks(outing: Outing, openedAt: number): Outing {
  const end = totalMinutes(outing.phases);
  const packs = demoPiece("toePacks", { changeMinutes: 0 });
  return {
    ...outing,
    pieces: [...outing.pieces, packs],
    wearings: [
      ...outing.wearings,
      {
        pieceId: packs.id,
        side: "both",
        rank: BODY.indexOf("linerSock"),
        fromMinute: 0,
        toMinute: end,
        heat: [{ fromMinute: openedAt, toMinute: end, level: 1 }],
      },
    ],
  };
}

export const WATER_AND_HEAT_CHECKS: readonly TradeCheck[] = [
  {
    name: "walk-in: full dress on a hard walk",
    practice: "sweat chills as it dries: overdressed on the way costs minutes in the sit",
    compute: () => {
      const walked = (worn: readonly Worn[]): Outing => outingOf({ ...base, worn, walk: HARD_WALK });
      const [light, full] = [walked([...BODY, { late: "downParka" }]), walked([...BODY, "downParka"])];
      const sweat = (outing: Outing): number => simulateOuting(outing).series.waterGPerM2.trunk[HARD_WALK.minutes]!;
      const [carried, worn] = [minutes(light), minutes(full)];
      return {
        computed: `trunk layers hold ${Math.round(sweat(light))} against ${Math.round(sweat(full))} g/m² on arrival; then ${minutesText(carried)} carried, ${minutesText(worn)} worn`,
        agrees: carried > worn,
      };
    },
  },
  {
    name: "wet: down against batting",
    practice: "down wet is worse than batting wet",
    compute: () => {
      const lost = (parka: "downParka" | "synthParka"): number => {
        const outing = outingOf({
          ...base,
          worn: [...BODY, { piece: demoPiece(parka, { waterResistance: 0 }) }],
          airC: 4,
        });
        return warmthLost(outing, inRain(outing));
      };
      const [down, batting] = [lost("downParka"), lost("synthParka")];
      return {
        computed: `four hours of rain cost ${down.toFixed(0)} W·h/m² of heat more in down, ${batting.toFixed(0)} in batting, both with a face that takes up water`,
        agrees: down > batting,
      };
    },
  },
  {
    name: "packs: toe packs started early",
    practice: "put in before leaving, so that they are working",
    compute: () => {
      const outing = outingOf({ ...base, airC: -18, worn: [...BODY, { late: "downParka" }] });
      const [none, early, late] = [
        minutes(outing, ["toes"]),
        minutes(withToePacks(outing, -20), ["toes"]),
        minutes(withToePacks(outing, 130), ["toes"]),
      ];
      return {
        computed: `toes last ${minutesText(none)} without, ${minutesText(early)} opened before leaving, ${minutesText(late)} opened an hour and a half into the sit`,
        agrees: early > late && early > none,
      };
    },
  },
  {
    name: "fall: a spare dry set",
    practice: "turns a fall into water from a rescue into a bad day",
    compute: () => {
      const outing = outingOf({ ...base, worn: [...BODY, { late: "downParka" }] });
      const kit = [demoPiece("base350Top"), demoPiece("base200Legs"), demoPiece("heavySock", { id: "dry sock" })];
      const debt = (dry: boolean): number => {
        const { series } = fallIn(outing, FALLS_AT, null, dry ? drySetOf(outing, kit) : []).result;
        return series.heatDebtWhPerM2[FALLS_AT + HOURS_WATCHED * 60]! - series.heatDebtWhPerM2[FALLS_AT]!;
      };
      const [wet, changed] = [debt(false), debt(true)];
      return {
        computed: `sitting on for three hours costs ${wet.toFixed(0)} W·h/m² in wet clothes, ${changed.toFixed(0)} with dry ones next to the skin`,
        agrees: changed < wet * 0.9,
      };
    },
  },
  {
    name: "batteries: a camera at −40 °C",
    practice: "swap about every 10 min; at −10 °C one lasts a day in a mirror camera",
    compute: () => {
      const camera = { batteryWh: 14, drawW: 2.5, batteries: 2 };
      const [deep, mild] = [devicePlan(camera, -40), devicePlan({ ...camera, drawW: 0.8 }, -10)];
      return {
        computed: `after ${deep.swapAfterMinutes} min at −40 °C; one that draws little lasts ${Math.round(mild.swapAfterMinutes / 60)} h at −10 °C`,
        agrees: deep.swapAfterMinutes <= 20 && mild.swapAfterMinutes > 300,
      };
    },
    reason:
      "a cell put in warm takes most of an hour to cool right through, and energy is all that is computed; that voltage falls under load long before the energy is gone, which is what a photographer sees, is not. Swap sooner than it says",
  },
];

/** Heat debt more at the plan's end, W·h/m². */
function warmthLost(dry: Outing, wet: Outing): number {
  const end = (outing: Outing): number => simulateOuting(outing).series.heatDebtWhPerM2.at(-1)!;
  const exposed: Outing = { ...dry, place: { ...dry.place, shelter: "openIce" } };
  return end(wet) - end(exposed);
}
