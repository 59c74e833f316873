import { bodyParameters, bodySurfaceM2, saturationPressureKPa, type BodyPerson } from "@/core/body";
import { EFFORT_CLASS } from "@/core/effort";
import type { ExplicitPanel } from "@/core/labels";
import { levelEverywhere, limitsOf, minutesStillOf } from "@/core/limits";
import { bisect } from "@/core/numeric";
import { phaseAt, resistancesAt, simulateOuting, Surroundings, type OutingSeries } from "@/core/simulation";
import type { Outing } from "@/core/outing";
import type { Piece } from "@/core/pieces";
import { PATCH_ANATOMY, PATCHES, type Patch } from "@/core/patches";
import { outfitInsulation, USUAL_START, type SitterPosture } from "@/core/sitter";
import { cloFromInsulation, SECONDS_PER_HOUR } from "@/core/units";
import { driesFromOneSideGPerM2H, HUNG_SIDES, LATENT_J_PER_G, VapourThroughLayers } from "@/core/water";
import { GROUND_INSULATION_M2K_PER_W, windShareAtSeat } from "@/core/weather";
import { usualWearing } from "@/core/dressing";
import { panelPiece } from "../panel/pieces";
import { between, type TradeCheck } from "./check";

// Values of tests/reference/published-values.md, its last table: what the model is judged by.

const MAN: BodyPerson = { heightM: 1.78, massKg: 80, fatPercent: 18, ageYears: 40, sex: "male" };
const WOMAN: BodyPerson = { heightM: 1.66, massKg: 66, fatPercent: 27, ageYears: 36, sex: "female" };

type Still = {
  readonly person?: BodyPerson;
  readonly airC: number;
  readonly windMPerS?: number;
  readonly minutes: number;
  readonly pieces?: readonly Piece[];
  readonly posture?: SitterPosture;
  readonly activityRatio?: number;
  readonly groundM2KPerW?: number;
};

/** Somebody who steps out of a room and is still. */
function stillOuting(still: Still): Outing {
  const { person = MAN, airC, windMPerS = 0.2, minutes, pieces = [], posture = "sitting", groundM2KPerW } = still;
  const spot = { groundInsulationM2KPerW: groundM2KPerW };
  return {
    person: { body: person, accepted: levelEverywhere("cold") },
    place: { shelter: "openIce", seatHeightM: 0, ground: "wood" },
    start: USUAL_START,
    weather: [
      {
        minute: 0,
        airTemperatureC: airC,
        windMPerS: windMPerS / windShareAtSeat("openIce", 0),
        relativeHumidityPercent: 60,
        radiantTemperatureC: null,
      },
    ],
    phases: [
      {
        kind: "sit",
        minutes,
        posture,
        activityRatio: still.activityRatio ?? EFFORT_CLASS.sittingStill.activityRatio,
        walkSpeedMPerS: 0,
        spot,
      },
    ],
    pieces,
    wearings: pieces.map((piece) => ({
      pieceId: piece.id,
      side: "both",
      rank: usualWearing(piece).rank,
      fromMinute: 0,
      toMinute: minutes,
    })),
  };
}

const seriesOf = (still: Still): OutingSeries => simulateOuting(stillOuting(still)).series;
const atEnd = (curve: Float64Array): number => curve.at(-1)!;
const worn = (...names: readonly string[]): Piece[] => names.map(panelPiece);

const THICK = worn(
  "balaclava",
  "longHat",
  "woolTube",
  "base350Top",
  "fleeceJacket",
  "downVest",
  "downParka",
  "base350Legs",
  "walkTrousers",
  "bib",
  "thinGloves",
  "mitts300",
  "faceMask",
);
const FEET = worn("linerSock", "heavySock", "pacBoot");
const POLAR = worn(
  "balaclava",
  "longHat",
  "woolTube",
  "base350Top",
  "fleece300",
  "downVest",
  "polarDown",
  "base350Legs",
  "fleeceTights",
  "downTrousers",
  "shellTrousers",
  "thinGloves",
  "mitts300",
  "faceMask",
);

function cloOf(pieces: readonly Piece[], person = MAN): number {
  const outing = stillOuting({ person, airC: 20, minutes: 10, pieces });
  const { phase, minuteInPhase } = phaseAt(outing.phases, 5);
  const at = new Surroundings(outing).at(5, phase, minuteInPhase);
  return cloFromInsulation(outfitInsulation(person, at).intrinsicM2KPerW);
}

/** A layer of so much over these parts, as thick as cloth of it would be, under a hard shell. */
const layerOver = (patches: ExplicitPanel["patches"], insulationM2KPerW: number): ExplicitPanel => ({
  patches,
  side: "both",
  layers: [
    {
      insulationM2KPerW,
      thicknessMm: insulationM2KPerW * 45,
      gapMm: 0,
      airPermeabilityLPerM2S: 1,
      keptUnderLoad: 1,
      rigidWall: true,
    },
  ],
});
const explicit = (id: string, panels: readonly ExplicitPanel[], kind: Piece["kind"] = "garment"): Piece => ({
  id,
  name: id,
  kind,
  label: { kind: "explicit", panels },
  fingersTogether: false,
});

/** Footwear whose total resistance at the toes, air included, is so much; the sole the same. */
function footwearOf(totalM2KPerW: number): Piece {
  const boot = (upper: number): Piece =>
    explicit(
      "footwear",
      [layerOver(["footUpper", "toes", "ankle"], upper), layerOver(["sole"], totalM2KPerW)],
      "footwear",
    );
  const toesAt = (upper: number): number =>
    resistancesAt(stillOuting({ airC: -10, minutes: 60, pieces: [boot(upper)], groundM2KPerW: 0 }), 5)["toes.left"]!;
  return boot(bisect((upper) => toesAt(upper) - totalM2KPerW, 0.01, 2, 1e-4));
}

const toesAfterAnHour = (totalM2KPerW: number): number =>
  atEnd(
    seriesOf({ airC: -10, minutes: 60, pieces: [...THICK, footwearOf(totalM2KPerW)], groundM2KPerW: 0 }).digitC
      .leftToes,
  );

const SOLE_IN_AIR_M2K_PER_W = 0.1; // foot models hang in the air: its layer under the sole

/** Resistance of a boot over a thin sock from the whole foot to the air, as a foot model has it. */
function wholeFoot(boot: string): number {
  const at = resistancesAt(
    stillOuting({ airC: 0, minutes: 60, pieces: worn("linerSock", boot), groundM2KPerW: SOLE_IN_AIR_M2K_PER_W }),
    5,
  );
  const lost = (patch: Patch): number => PATCH_ANATOMY[patch].share / at[`${patch}.left`]!;
  return 1 / (lost("footUpper") + lost("sole") + lost("toes"));
}

/** A bag of one resistance all round, over a body lying on a mat, the face free. */
function bagOf(totalM2KPerW: number): Piece {
  const air = 0.1;
  const over = layerOver(
    PATCHES.filter((patch) => patch !== "face"),
    totalM2KPerW - air,
  );
  const flat = { ...over, layers: over.layers.map((layer) => ({ ...layer, thicknessMm: 0 })) };
  return explicit("bag", [flat]);
}
const EIGHT_HOURS = 480;
/** Coldest whole degree at which eight hours in the bag pass without the body being cold. */
function coldestInBag(person: BodyPerson, level: "comfort" | "cold"): number {
  for (let airC = 10; airC > -30; airC--) {
    const outing = stillOuting({
      person,
      airC,
      minutes: EIGHT_HOURS,
      pieces: [bagOf(0.89)],
      posture: "lying",
      activityRatio: EFFORT_CLASS.lyingStill.activityRatio,
      groundM2KPerW: 0.5,
    });
    const own = { ...outing, person: { ...outing.person, accepted: levelEverywhere(level) } };
    const { verdict } = simulateOuting(own, { only: limitsOf("body") }).sits[0]!;
    if (verdict.kind === "arrivesTooCold") return airC + 1;
    if (verdict.kind === "ends" && verdict.minutesStill < EIGHT_HOURS) return airC + 1;
  }
  return -30;
}

/** Clothes of one resistance all over, as EN 342 states it for the whole: face and hands covered as well. */
const clothesOf = (insulationM2KPerW: number): Piece => bagOf(insulationM2KPerW + 0.1);

/** A base plane full of water under batting in which one plane condenses, as the table's hand calculation lays it out. */
function soakedBase(isWet: boolean): { readonly dryWPerM2: number; readonly leavesGPerM2H: number } {
  const vapour = new VapourThroughLayers();
  vapour.layers = 2;
  vapour.skinC = 32;
  vapour.aroundC = -10;
  vapour.airKPa = 0.8 * saturationPressureKPa(-10);
  vapour.skinKPa = vapour.airKPa; // the skin itself gives nothing here
  vapour.heatUpTo.set([0.026, 0.276, 0.646]);
  vapour.vapourUpTo.set([1e6, 1e6 + 0.04, 1e6 + 0.092]);
  vapour.waterGPerM2.set(isWet ? [150, 1] : [0, 0]);
  vapour.solve();
  return {
    dryWPerM2: vapour.dryFromSkinWPerM2,
    leavesGPerM2H: (-vapour.condensesWPerM2[0]! * SECONDS_PER_HOUR) / LATENT_J_PER_G,
  };
}

const FACE_BARE = THICK.filter(({ id }) => !["faceMask", "balaclava"].includes(id));
const faceAt = (airC: number, windMPerS: number, part: "nose" | "cheeks"): number =>
  atEnd(seriesOf({ airC, windMPerS, minutes: 60, pieces: [...FACE_BARE, ...FEET] }).digitC[part]);
const fingersAt = (airC: number, minutes: number): number => {
  const bare = THICK.filter(({ kind }) => kind !== "handwear");
  return atEnd(seriesOf({ airC, minutes, pieces: [...bare, ...FEET] }).digitC.leftFingers);
};
const nude = (airC: number): OutingSeries => seriesOf({ airC, minutes: 120, posture: "sitting" });
const perM2 = (watts: number): number => watts / bodySurfaceM2(MAN);
const c = (value: number): string => `${value.toFixed(1)} °C`;

export const PUBLISHED_CHECKS: readonly TradeCheck[] = [
  {
    name: "basal heat, woman 66 kg, 1.66 m, 36 y",
    practice: "38–40 W/m²",
    source: "Roza & Shizgal 1984",
    compute: () => {
      const { basalHeatW, surfaceM2 } = bodyParameters(WOMAN);
      return {
        computed: `${(basalHeatW / surfaceM2).toFixed(1)} W/m²`,
        agrees: between(basalHeatW / surfaceM2, 38, 40),
      };
    },
  },
  {
    name: "seated at rest",
    practice: "55–65 W/m²",
    source: "ISO 8996",
    compute: () => {
      const { basalHeatW, surfaceM2 } = bodyParameters(MAN);
      const made = (basalHeatW * EFFORT_CLASS.sittingStill.activityRatio) / surfaceM2;
      return { computed: `${made.toFixed(1)} W/m²`, agrees: between(made, 55, 65) };
    },
  },
  {
    name: "shirt, jeans, shoes by stacking our own labels",
    practice: "0.6–0.7 clo",
    source: "ISO 9920",
    compute: () => {
      const clo = cloOf(worn("cottonShirt", "jeans", "linerSock", "shoe"));
      return { computed: `${clo.toFixed(2)} clo`, agrees: between(clo, 0.6, 0.7) };
    },
    reason:
      "the labels say a close shirt of 160 g/m² and jeans with 2 mm of air: 0.35 and 0.52 clo where they cover, and hands and head are bare. What the standard measured hung looser, over underwear, with a centimetre of air in it: fit, not cloth, makes the difference",
  },
  {
    name: "nude in socks",
    practice: "near 0 clo",
    source: "arithmetic: two feet of cloth on a bare body",
    compute: () => {
      const clo = cloOf(worn("linerSock"));
      return { computed: `${clo.toFixed(3)} clo`, agrees: between(clo, 0, 0.05) };
    },
  },
  {
    name: "heaviest polar ensemble",
    practice: "4.5–5 clo",
    source: "ISO 9920, memory",
    compute: () => {
      const clo = cloOf([...POLAR, ...worn("linerSock", "heavySock", "bigPac")]);
      return { computed: `${clo.toFixed(2)} clo`, agrees: between(clo, 4.5, 5) };
    },
    reason:
      "the panel's polar kit is thicker over the trunk (down vest under a parka of 450 g) than what the standard measured",
  },
  {
    name: "toes in footwear of total 0.25 / 0.35 / 0.45 m²K/W, −10 °C, 60 min sitting",
    practice: "11–14 / 15–18 / 18–21 °C",
    source: "Kuklane, memory",
    compute: () => {
      const [thin, middle, thick] = [0.25, 0.35, 0.45].map(toesAfterAnHour) as [number, number, number];
      return {
        computed: `${thin.toFixed(1)} / ${middle.toFixed(1)} / ${thick.toFixed(1)} °C`,
        agrees: between(thin, 11, 14) && between(middle, 15, 18) && between(thick, 18, 21),
      };
    },
  },
  {
    name: "winter boots on a foot, a thin sock, the whole foot: shoe and 200 g / 400 and 600 g / a big pac boot",
    practice: "0.18–0.25 / 0.25–0.35 / 0.40–0.50 m²K/W",
    source: "foot models, Kuklane 1999, 2004, memory",
    compute: () => {
      const [shoe, light, middle, heavy, pac] = ["shoe", "boot200", "boot400", "boot600", "bigPac"].map(wholeFoot) as [
        number,
        number,
        number,
        number,
        number,
      ];
      return {
        computed: [shoe, light, middle, heavy, pac].map((m2KPerW) => m2KPerW.toFixed(2)).join(" / "),
        agrees:
          [shoe, light].every((one) => between(one, 0.18, 0.25)) &&
          [middle, heavy].every((one) => between(one, 0.25, 0.35)) &&
          between(pac, 0.4, 0.5),
      };
    },
  },
  {
    name: "bare fingers, 0 °C for 30 min; −10 °C for 60 min",
    practice: "11–15; 4–8 °C with vasodilation",
    source: "memory",
    compute: () => {
      const [frost, deep] = [fingersAt(0, 30), fingersAt(-10, 60)];
      return { computed: `${c(frost)}; ${c(deep)}`, agrees: between(frost, 11, 15) && between(deep, 4, 8) };
    },
    reason:
      "the mean of the vasodilation waves fades with the core's fall from its start, and somebody who sits still for an hour at −10 °C has lost a few tenths; with the core at its start the balance by hand gives 4 to 5 °C",
  },
  {
    name: "bare cheek, −10 °C, 5 m/s, steady",
    practice: "about +3 °C, warmer than the index's worst 5 % (+1)",
    source: "2001 index",
    compute: () => {
      const cheekC = faceAt(-10, 5, "cheeks");
      return { computed: c(cheekC), agrees: between(cheekC, 1, 5) };
    },
  },
  {
    name: "bare nose in hardly any wind (0.5 m/s): 0 / −5 / −10 °C",
    practice: "about 11 / 8 / 4 °C",
    source: "balance by hand with the conductances of the method page",
    compute: () => {
      const found = [0, -5, -10].map((airC) => faceAt(airC, 0.5, "nose"));
      return {
        computed: `${found.map((value) => value.toFixed(1)).join(" / ")} °C`,
        agrees: [11, 8, 4].every((wanted, index) => Math.abs(found[index]! - wanted) <= 1.5),
      };
    },
  },
  {
    name: "mean skin after 2 h, −10 °C, 3.8 clo, sitting",
    practice: "30–32 °C",
    source: "memory",
    compute: () => {
      const pieces = [clothesOf(3.8 * 0.155), explicit("shoes", [layerOver(["sole"], 0.4)])];
      const skinC = atEnd(seriesOf({ airC: -10, windMPerS: 0.3, minutes: 120, pieces }).meanSkinC);
      return { computed: c(skinC), agrees: between(skinC, 30, 32) };
    },
    reason:
      "a tenth above what is remembered: hands and head are covered here by the same 3.8 clo as all else, of a real outfit they are not",
  },
  {
    name: "nude, 10 °C, 2 h: heat, mean skin",
    practice: "110–140 W/m², 24–25 °C",
    source: "memory",
    compute: () => {
      const { heatMadeW, meanSkinC } = nude(10);
      const [made, skinC] = [perM2(atEnd(heatMadeW)), atEnd(meanSkinC)];
      return {
        computed: `${made.toFixed(0)} W/m², ${c(skinC)}`,
        agrees: between(made, 110, 140) && between(skinC, 24, 25),
      };
    },
    reason:
      "heat made lies within; the skin is half a kelvin warmer than remembered, of somebody who sits on a wooden bench in hardly moving air",
  },
  {
    name: "nude, 20 °C, 2 h: rise of heat made",
    practice: "10–35 %",
    source: "memory; the model is high",
    compute: () => {
      const rise = perM2(atEnd(nude(20).heatMadeW)) / ((bodyParameters(MAN).basalHeatW * 1.3) / bodySurfaceM2(MAN)) - 1;
      return { computed: `${Math.round(rise * 100)} %`, agrees: between(rise, 0.1, 0.35) };
    },
    reason:
      "the published body shivers early in mild cold; its gain is not ours to change (published histories are reproduced)",
  },
  {
    name: "sleeping bag of 0.89 m²K/W in total, 8 h: a woman's comfort, a man's limit",
    practice: "about −1 °C; about −6 °C",
    source: "EN 13537 / ISO 23537, memory",
    compute: () => {
      const [comfort, limit] = [coldestInBag(WOMAN, "comfort"), coldestInBag(MAN, "comfort")];
      return {
        computed: `${comfort} °C; ${limit} °C`,
        agrees: Math.abs(comfort + 1) <= 3 && Math.abs(limit + 6) <= 3,
      };
    },
    reason:
      "the standard asks for a balance of heat that goes on for ever, with a face in the cold and a mat that gives way; here eight hours are lived from a warm start, so that the heat the body holds pays for several kelvin, and some shivering (8 W/m²) is let pass. The same body agrees with EN 342 and with published histories",
  },
  {
    name: "clothes of EN 342's table at its 8 h temperature",
    practice: "no end within 8 h",
    source: "EN 342, memory",
    compute: () => {
      const rows = (
        [
          [0.31, 10.5],
          [0.39, 6],
          [0.47, 1.5],
          [0.54, -4],
        ] as const
      ).map(([clothes, airC]) => {
        const outing = stillOuting({
          airC,
          windMPerS: 0.4,
          minutes: EIGHT_HOURS,
          posture: "standing",
          activityRatio: (75 * bodySurfaceM2(MAN)) / bodyParameters(MAN).basalHeatW,
          pieces: [clothesOf(clothes)],
        });
        const { verdict } = simulateOuting(outing, { only: limitsOf("body") }).sits[0]!;
        return minutesStillOf(verdict) ?? Infinity;
      });
      return {
        computed: rows.map((minutes) => (Number.isFinite(minutes) ? `${minutes} min` : "no end in 8 h")).join(", "),
        agrees: rows.every((minutes) => minutes >= EIGHT_HOURS),
      };
    },
  },
  {
    name: "drying of a wet knit, 20 °C, 40 %",
    practice: "100–150 g/(m²·h)",
    source: "memory",
    compute: () => {
      const gPerM2H = HUNG_SIDES * driesFromOneSideGPerM2H(20, 40, 0.05);
      return { computed: `${gPerM2H.toFixed(0)} g/(m²·h)`, agrees: between(gPerM2H, 100, 150) };
    },
  },
  {
    name: "a soaked base layer under R 0.50 and air 0.12, skin 32 °C, −10 °C, 80 %: extra loss of the skin",
    practice: "43 W/m² (65 dry → 108); 85 g/(m²·h) leave the base",
    source: "worked by hand: one plane in the middle of the batting condensing",
    compute: () => {
      const [dry, wet] = [soakedBase(false), soakedBase(true)];
      const extra = wet.dryWPerM2 - dry.dryWPerM2;
      return {
        computed: `${extra.toFixed(0)} W/m² (${dry.dryWPerM2.toFixed(0)} dry → ${wet.dryWPerM2.toFixed(0)}); ${wet.leavesGPerM2H.toFixed(0)} g/(m²·h)`,
        agrees: between(extra, 38, 48) && between(wet.leavesGPerM2H, 75, 95),
      };
    },
  },
  {
    name: "contact with snow through a thin sole",
    practice: "disc resistance 0.15–0.25 m²K/W",
    source: "conduction of a half-space",
    compute: () => {
      const { snow } = GROUND_INSULATION_M2K_PER_W;
      return { computed: `${snow} m²K/W`, agrees: between(snow, 0.15, 0.25) };
    },
  },
];
