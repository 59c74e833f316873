import type { BodyPerson } from "@/core/body";
import { EFFORT_CLASS } from "@/core/effort";
import { levelEverywhere } from "@/core/limits";
import { seededRandom, type RandomStream } from "@/core/numeric";
import { usualWearing } from "@/core/dressing";
import type { Outing, Wearing } from "@/core/outing";
import type { Piece } from "@/core/pieces";
import { USUAL_START } from "@/core/sitter";
import { GROUNDS, SEATS, SHELTER, type Shelter } from "@/core/weather";
import type { StarterPieceKey } from "@/core/starter-kit";
import { demoPiece } from "../trade/setting";

// Outings drawn from a seed, as people might plan them: whatever holds of all outings is tried on these.

type Keys = readonly StarterPieceKey[];
const TOPS: readonly Keys[] = [
  ["base200Top"],
  ["base350Top"],
  ["base200Top", "fleeceJacket"],
  ["base350Top", "feltShirt"],
];
const OUTER: readonly Keys[] = [
  ["shellJacket"],
  ["softShell", "downVest"],
  ["synthParka"],
  ["downParka"],
  ["downVest", "downParka"],
];
const LEGS: readonly Keys[] = [
  ["base200Legs", "walkTrousers"],
  ["base350Legs", "walkTrousers", "shellTrousers"],
  ["base350Legs", "bib"],
  ["base200Legs", "fleeceTights", "bib"],
];
const HEADS: readonly Keys[] = [["thinCap"], ["longHat", "woolTube"], ["balaclava", "longHat", "woolTube", "faceMask"]];
const HANDS: readonly Keys[] = [["thinGloves"], ["midGloves"], ["thinGloves", "mitts200"], ["thinGloves", "mitts300"]];
const SOCKS: readonly Keys[] = [["linerSock"], ["heavySock"], ["linerSock", "heavySock"]];
const BOOTS: Keys = ["kneeBoot", "midBoot", "heavyBoot", "pacBoot"];
/** Put on at the seat more often than not. */
const AT_THE_SEAT: ReadonlySet<StarterPieceKey> = new Set([
  "synthParka",
  "downParka",
  "downVest",
  "bib",
  "longHat",
  "mitts200",
  "mitts300",
  "faceMask",
]);
const SHELTERS = Object.keys(SHELTER) as Shelter[];

const within = (random: RandomStream, low: number, high: number): number => low + (high - low) * random();
const oneOf = <Item>(random: RandomStream, items: readonly Item[]): Item => items[Math.floor(random() * items.length)]!;

function personOf(random: RandomStream): BodyPerson {
  const sex = random() < 0.5 ? "female" : "male";
  const heightM = within(random, sex === "male" ? 1.65 : 1.55, sex === "male" ? 1.92 : 1.8);
  return {
    sex,
    heightM,
    massKg: within(random, 20, 32) * heightM ** 2,
    fatPercent: within(random, sex === "male" ? 10 : 18, sex === "male" ? 32 : 40),
    ageYears: Math.round(within(random, 20, 75)),
  };
}

/** An outing by its number: the same each time. Clothes go on in no time, so that nothing but what is compared differs. */
export function seededOuting(seed: number): Outing {
  const random = seededRandom(seed);
  const walkMinutes = random() < 0.2 ? 0 : Math.round(within(random, 10, 60));
  const sitMinutes = Math.round(within(random, 60, 240));
  const end = walkMinutes + sitMinutes;
  const keys = [TOPS, OUTER, LEGS, HEADS, HANDS, SOCKS].flatMap((choices) => [...oneOf(random, choices)]);
  keys.push(oneOf(random, BOOTS));
  if (random() < 0.5) keys.push("seatPad");
  const airC = within(random, -22, 8);
  const windMPerS = within(random, 0, 8);
  const worn = keys.map((key): { piece: Piece; wearing: Wearing } => {
    const piece = demoPiece(key, { changeMinutes: 0 });
    const fromMinute = AT_THE_SEAT.has(key) && random() < 0.7 ? walkMinutes : 0;
    const { rank } = usualWearing(piece);
    return { piece, wearing: { pieceId: piece.id, side: "both", rank, fromMinute, toMinute: end } };
  });
  const posture = random() < 0.8 ? "sitting" : random() < 0.5 ? "standing" : "kneeling";
  const effort = { sitting: "sittingStill", standing: "standingStill", kneeling: "kneelingStill" } as const;
  return {
    person: { body: personOf(random), accepted: levelEverywhere("cold") },
    place: {
      shelter: oneOf(random, SHELTERS),
      seatHeightM: random() < 0.2 ? 4 : 0,
      ground: oneOf(random, GROUNDS),
      seat: random() < 0.5 ? oneOf(random, SEATS) : undefined,
    },
    start: USUAL_START,
    weather: [0, end].map((minute) => ({
      minute,
      airTemperatureC: airC,
      windMPerS,
      relativeHumidityPercent: 80,
      radiantTemperatureC: null,
    })),
    phases: [
      ...(walkMinutes > 0
        ? [
            {
              kind: "walkIn" as const,
              minutes: walkMinutes,
              posture: "standing" as const,
              activityRatio: within(random, 3, 5),
              walkSpeedMPerS: 1,
            },
          ]
        : []),
      {
        kind: "sit" as const,
        minutes: sitMinutes,
        posture,
        activityRatio: EFFORT_CLASS[effort[posture]].activityRatio,
        walkSpeedMPerS: 0,
      },
    ],
    pieces: worn.map(({ piece }) => piece),
    wearings: worn.map(({ wearing }) => wearing),
  };
}
