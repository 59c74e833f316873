import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import { demoByName, demoFile } from "./demo-file";

/** Thirty generic pieces: what somebody owns who goes out in all winters. */
const KIT: readonly StarterPieceKey[] = [
  "thinCap",
  "longHat",
  "balaclava",
  "faceMask",
  "woolTube",
  "base200Top",
  "base350Top",
  "base200Legs",
  "base350Legs",
  "fleeceJacket",
  "feltShirt",
  "downVest",
  "synthParka",
  "downParka",
  "shellJacket",
  "walkTrousers",
  "shellTrousers",
  "bib",
  "linerSock",
  "heavySock",
  "midBoot",
  "heavyBoot",
  "feltFootbed",
  "thinGloves",
  "mitts200",
  "muff",
  "handPacks",
  "toePacks",
  "seatPad",
  "footPad",
];

/** A generic piece as a file's kit lists it. */
export function kitPieceOf(key: StarterPieceKey): NonNullable<OutingFile["kit"]>[number] {
  const { name, kind, label, massG, fingersTogether = false, traits = {} } = starterPiece(key);
  return structuredClone({ id: key, name, kind, label, fingersTogether, massG, ...traits }) as NonNullable<
    OutingFile["kit"]
  >[number];
}

/** The example of docs/formats: nothing worn yet, and a kit to choose from. */
export const dresserExample = (): OutingFile => ({
  ...demoFile(demoByName("Grouse lek before dawn")),
  pieces: [],
  wearings: [],
  kit: KIT.map(kitPieceOf),
});
