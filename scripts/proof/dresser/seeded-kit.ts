import type { DresserPiece } from "@/core/dresser";
import { pieceOfStarter } from "@/core/morning";
import { seededRandom, type RandomStream } from "@/core/numeric";
import type { Outing } from "@/core/outing";
import { STARTER_PIECES, starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { toOuting } from "@/formats/outing-file/to-outing";
import { demoFile } from "@/server/demo/demo-file";
import { DEMO_OUTINGS } from "@/server/demo/scenario";

const KEYS = Object.keys(STARTER_PIECES) as StarterPieceKey[];
/** Masses of drawn pieces lie so far from the generic one's: no two kits are alike. */
const MASS_SPREAD = 0.4;

function shuffled<Of>(items: readonly Of[], random: RandomStream): Of[] {
  return items
    .map((item) => ({ item, turn: random() }))
    .sort((one, other) => one.turn - other.turn)
    .map(({ item }) => item);
}

/** A piece of a seeded kit: a generic one of a mass of its own. */
function drawnPiece(key: StarterPieceKey, turn: number, random: RandomStream): DresserPiece {
  const starter = starterPiece(key);
  const massG = Math.round(starter.massG * (1 + MASS_SPREAD * (random() - 0.5)));
  return { ...pieceOfStarter(starter, `${key} ${turn}`), massG, traits: starter.traits ?? {} };
}

/** Kit of so many generic pieces, some of them twice where there are not enough. */
export function seededKit(count: number, seed: number): DresserPiece[] {
  const random = seededRandom(seed);
  const keys: StarterPieceKey[] = [];
  while (keys.length < count) keys.push(...shuffled(KEYS, random));
  return keys.slice(0, count).map((key, turn) => drawnPiece(key, turn, random));
}

/** An outing of the demonstration, chosen by the seed, in air of its own. */
export function seededDay(seed: number): Outing {
  const random = seededRandom(seed ^ 0x5eed);
  const demo = DEMO_OUTINGS[Math.floor(random() * DEMO_OUTINGS.length)]!;
  const outing = toOuting(demoFile(demo));
  const warmerK = Math.round(12 * random() - 4);
  return {
    ...outing,
    pieces: [],
    wearings: [],
    weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC + warmerK })),
  };
}
