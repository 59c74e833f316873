// What the method page says of numbers, read from the code: docs/source/method.in.md names them in double braces.
import { format, resolveConfig } from "prettier";
import {
  ASSEMBLY_FACTOR,
  FACE_PERMEABILITY_L_PER_M2S,
  LOFT_KEPT,
  LOSS_AT_OWN_MASS,
  readMaterial,
  type Material,
} from "@/core/labels";
import { BOOT_TOE_FACTOR, FACE_VAPOUR_INDEX } from "@/core/labels/label";
import { GAP_BY_FIT_MM } from "@/core/clothing";
import { DIGIT_CONDUCTION_W_PER_M2K, DIGIT_NATURE } from "@/core/digits";
import { PACE } from "@/core/effort";
import { FASTEST_M_PER_S, SLOWEST_M_PER_S } from "@/core/effort/walking-pace";
import { REACHES_DAYS, RUN_EVERY_HOURS } from "@/core/forecast";
import { AIR_SPREAD_K, WIND_SPREAD } from "@/core/forecast/invented-forecast";
import { FAR_FROM_SHELTER_MIN, HARNESS_FROM_M, SUN_UP_DEG } from "@/core/evening";
import { NOISE_M } from "@/core/track/way";
import { PRACTICES, type PracticeQuestion, type Practice } from "@/core/changes";
import { capacityShare, drinkWh, USUAL_DRINK } from "@/core/heat";
import { WORN_J_PER_KG_K } from "@/core/sitter";
import { LEVELS, LIMIT_TABLE, LIMITS } from "@/core/limits";
import { CHANGE_MINUTES_SAID } from "@/core/dressing";
import { PACK_IN_BOOT } from "@/core/dressing";
import { TOE_SHARE_OF_BOOT_MASS } from "@/core/dressing";
import { SWEAT_STEPS_G_PER_M2 } from "@/core/opinion/sweat";
import { SPREAD } from "@/core/range/variation";
import { TOUCHED_EFFUSIVITY, USUAL_TOUCHING_SKIN_C } from "@/core/touch";
import { SECONDS_PER_MINUTE } from "@/core/units";
import { LATENT_J_PER_G, PASSES_BY_RESISTANCE } from "@/core/water";
import { LATEST_MOVE_S } from "@/core/water/move-schedule";
import { FOOT_SWEAT_G_PER_M2H } from "@/core/water/segment-vapour";
import { SOONEST_MOVE_S } from "@/core/water/water-state";
import {
  DRY_SNOW_BELOW_C,
  DRY_SNOW_CLINGS,
  MELTED_G_PER_M2H,
  RAIN_FROM_C,
  RAINED_ON,
  RAINED_ON_THIGH_SEATED,
  SLUSH_OVER_SHAFT_G_PER_M2H,
  SNOW_OVER_SHAFT_G_PER_M2H,
  THROWN_G_PER_M2H,
  WET_SNOW_CLINGS,
} from "@/core/water/wetting";
import { PRACTICE_WORDS, PRACTICE_QUESTION_WORDS } from "@/formats/display/words/change-words";
import { KIND_WORDS } from "@/formats/display/words/label-words";
import { WETTING_WORDS } from "@/formats/display/words/sheet-words";
import { figure, listed, percent, words } from "./figures";
import { METHOD_NUMBERS } from "./numbers";

function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
  const line = (cells: readonly string[]): string => `| ${cells.join(" | ")} |`;
  return [line(head), line(head.map(() => "---")), ...rows.map(line)].join("\n");
}

/** Materials as labels name them, each by an amount that reads its density off. */
const SAMPLES: readonly (readonly [name: string, material: Material, gramsPerM2: number | null])[] = [
  ["measured thickness", { kind: "thickness", thicknessMm: 10 }, null],
  ["high pile, measured", { kind: "highPile", thicknessMm: 10 }, null],
  [
    "garment batting, lofty fine (quilted × 0.8)",
    { kind: "garmentBatting", massGPerM2: 100, fibre: "loftyFine", quilted: false },
    100,
  ],
  [
    "garment batting, continuous filament",
    { kind: "garmentBatting", massGPerM2: 100, fibre: "continuousFilament", quilted: false },
    100,
  ],
  ["boot batting", { kind: "bootBatting", massGPerM2: 400 }, 400],
  ["glove batting", { kind: "gloveBatting", massGPerM2: 100 }, 100],
  ["mitt batting", { kind: "mittBatting", massGPerM2: 100 }, 100],
  ["fleece", { kind: "fleece", massGPerM2: 200 }, 200],
  ["knit", { kind: "knit", massGPerM2: 200 }, 200],
  ["felt", { kind: "felt", thicknessMm: 10 }, null],
  [
    "down: fill power × grams × 0.578 cm³ over the panel, × 0.45 packing",
    { kind: "down", fillPowerIn3PerOz: 700, fillG: 100, panelAreaM2: 0.5 },
    null,
  ],
  ...(["rubber", "cork", "closedCellFoam", "foamRubber", "sheepskin"] as const).map(
    (substance) => [words(substance), { kind: "solid", substance, thicknessMm: 10 }, null] as const,
  ),
];

const labels = (): string =>
  table(
    ["label", "density kg/m³", "k W/mK", "kept under load", "spread (1 sd)"],
    SAMPLES.map(([name, material, grams]) => {
      const { thicknessMm, insulationM2KPerW, keptUnderLoad, relativeSpread } = readMaterial(material);
      return [
        name,
        grams === null ? "–" : figure(grams / thicknessMm),
        figure(thicknessMm / 1000 / insulationM2KPerW),
        figure(keptUnderLoad),
        percent(relativeSpread),
      ];
    }),
  );

const limits = (): string =>
  table(
    ["limit", ...LEVELS, "source"],
    LIMITS.map((limit) => {
      const { unit, value, source } = LIMIT_TABLE[limit];
      return [
        `${words(limit)}, ${unit}`,
        ...LEVELS.map((level) => (value[level] === null ? "–" : figure(value[level]!))),
        source,
      ];
    }),
  );

const digits = (): string => {
  const kinds = Object.entries(DIGIT_NATURE);
  const row = (name: string, value: (nature: (typeof kinds)[number][1]) => number, origin: string): string[] => [
    name,
    ...kinds.map(([, nature]) => figure(value(nature))),
    origin,
  ];
  return table(
    ["constant", ...kinds.map(([kind]) => kind), "origin"],
    [
      row("heat capacity, kJ/m²K", ({ capacityJPerM2K }) => capacityJPerM2K / 1000, "assumption"),
      row(
        "least blood exchange, W/m²K (toes up to twice with walking)",
        ({ leastBloodWPerM2K }) => leastBloodWPerM2K,
        "about 1 mL/(100 mL·min); face: assumption",
      ),
      row("weight of anastomoses", ({ anastomosesWeight }) => anastomosesWeight, "assumption"),
      row("cold-induced vasodilation, W/m²K", ({ coldDilationWPerM2K }) => coldDilationWPerM2K, "assumption"),
      row("conduction g, W/m²K", () => DIGIT_CONDUCTION_W_PER_M2K, "assumption"),
    ],
  );
};

const CAPACITY_SHOWN_C = [20, 0, -10, -20, -30, -40];
const parts = Object.keys(RAINED_ON) as (keyof typeof RAINED_ON)[];

/** Every value the page names. */
export const METHOD_VALUES: Readonly<Record<string, () => string>> = {
  ...METHOD_NUMBERS,
  labels,
  limits,
  digits,
  assembly: () => listed(ASSEMBLY_FACTOR),
  bootToes: () => figure(BOOT_TOE_FACTOR),
  wear: () => listed(LOFT_KEPT),
  faces: () =>
    table(
      ["face", "L/(m²·s) at 100 Pa", "vapour index"],
      Object.entries(FACE_PERMEABILITY_L_PER_M2S).map(([face, permeability]) => [
        words(face),
        figure(permeability, 4),
        figure(FACE_VAPOUR_INDEX[face as keyof typeof FACE_VAPOUR_INDEX]),
      ]),
    ),
  fit: () => listed(GAP_BY_FIT_MM),
  spreads: () =>
    `all cloth together ${percent(SPREAD.cloth)}, basal heat ${percent(SPREAD.basalHeat)}, heat of being still ${percent(SPREAD.stillHeat)}, blood of fingers and of toes apart ${percent(SPREAD.digitFlow)} each (${percent(SPREAD.digitFlowOfColdHands)} for cold hands), of the face ${percent(SPREAD.faceFlow)}, effort of walking ${percent(SPREAD.walkEffort)}, air ${figure(SPREAD.forecastK)} K and wind ${percent(SPREAD.forecastWind)} for the whole day`,
  waterSoonest: () => figure(SOONEST_MOVE_S / SECONDS_PER_MINUTE),
  waterLatest: () => figure(LATEST_MOVE_S / SECONDS_PER_MINUTE),
  footSweat: () => figure(FOOT_SWEAT_G_PER_M2H),
  latent: () => figure(LATENT_J_PER_G, 4),
  rained: () =>
    table(
      ["part", "share"],
      [...parts.map((part) => [part, figure(RAINED_ON[part])]), ["thigh, seated", figure(RAINED_ON_THIGH_SEATED)]],
    ),
  rainFrom: () => figure(RAIN_FROM_C),
  feelsHeat: () => percent(SPREAD.basalHeat),
  feelsFlow: () => percent(SPREAD.digitFlow),
  wetSnow: () => percent(WET_SNOW_CLINGS),
  drySnow: () => figure(DRY_SNOW_BELOW_C),
  drySnowClings: () => percent(DRY_SNOW_CLINGS),
  passes: () => PASSES_BY_RESISTANCE.map((share, step) => `${step}: ${percent(share)}`).join(", "),
  thrown: () =>
    table(
      ["by", "on"],
      Object.entries(THROWN_G_PER_M2H).map(([kind, on]) => [
        WETTING_WORDS[kind as keyof typeof WETTING_WORDS],
        listed(on as Readonly<Record<string, number>>),
      ]),
    ),
  melted: () => figure(MELTED_G_PER_M2H),
  overTop: () => `snow ${figure(SNOW_OVER_SHAFT_G_PER_M2H)}, slush ${figure(SLUSH_OVER_SHAFT_G_PER_M2H, 4)}`,
  losses: () =>
    table(
      ["fibre", "loss"],
      Object.entries(LOSS_AT_OWN_MASS).map(([fibre, loss]) => [fibre, percent(loss)]),
    ),
  sweatSteps: () => Object.values(SWEAT_STEPS_G_PER_M2).join(", "),
  changeMinutes: () =>
    CHANGE_MINUTES_SAID.map(
      ([kind, minutes]) => `${kind in KIND_WORDS ? KIND_WORDS[kind as keyof typeof KIND_WORDS] : kind} ${minutes}`,
    ).join(", "),
  packInBoot: () => percent(PACK_IN_BOOT),
  capacity: () => CAPACITY_SHOWN_C.map((cellC) => `${percent(capacityShare(cellC))} at ${figure(cellC)} °C`).join(", "),
  toeMass: () => percent(TOE_SHARE_OF_BOOT_MASS),
  wornJ: () => figure(WORN_J_PER_KG_K, 4),
  drinkMl: () => figure(USUAL_DRINK.massG),
  drinkC: () => figure(USUAL_DRINK.temperatureC),
  drinkWh: () => figure(drinkWh(USUAL_DRINK.massG, USUAL_DRINK.temperatureC), 2),
  practices: () =>
    table(
      ["question", "ways"],
      (Object.keys(PRACTICES) as PracticeQuestion[]).map((question) => [
        PRACTICE_QUESTION_WORDS[question],
        PRACTICES[question].map((way: Practice) => PRACTICE_WORDS[way]).join(" · "),
      ]),
    ),
  forecastRun: () => figure(RUN_EVERY_HOURS),
  forecastReach: () => figure(REACHES_DAYS),
  forecastSpread: () =>
    `${figure(AIR_SPREAD_K.atOnce)} K and ${percent(WIND_SPREAD.atOnce)} of the wind at once, ${figure(AIR_SPREAD_K.perRootDay)} K and ${percent(WIND_SPREAD.perRootDay)} more by the square root of the days ahead`,
  trackNoise: () => figure(NOISE_M),
  paces: () =>
    Object.values(PACE)
      .map((ratio) => figure(ratio))
      .join(" or "),
  slowest: () => figure(SLOWEST_M_PER_S),
  fastest: () => figure(FASTEST_M_PER_S),
  farMinutes: () => figure(FAR_FROM_SHELTER_MIN),
  harnessHeight: () => figure(HARNESS_FROM_M),
  sunUp: () => figure(SUN_UP_DEG),
  effusivities: () => listed(TOUCHED_EFFUSIVITY),
  touchSkin: () => figure(USUAL_TOUCHING_SKIN_C),
};

/** The page with its values in place. @throws when it names a value there is none of, or leaves one unnamed */
export async function methodPage(template: string): Promise<string> {
  const named = new Set<string>();
  const page = template.replace(/\{\{(\w+)\}\}/g, (_, name: string) => {
    const value = METHOD_VALUES[name];
    if (!value) throw new Error(`the method page names ${name}, which no value stands for`);
    named.add(name);
    return value();
  });
  const left = Object.keys(METHOD_VALUES).filter((name) => !named.has(name));
  if (left.length > 0) throw new Error(`the method page does not name ${left.join(", ")}`);
  return format(page, { ...(await resolveConfig("docs/method.md")), parser: "markdown" });
}
