import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { laneOf, LANES } from "@/core/pieces";
import { readLabel } from "@/core/labels";
import { benchOuting, type BenchSetting } from "@/core/bench";
import { PIECE_KINDS } from "@/core/pieces";
import { simulateOuting } from "@/core/simulation";
import { usualWearing } from "@/core/dressing";
import { cloFromInsulation } from "@/core/units";
import { labelSchema } from "../outing-file/schema/label-schema";
import { traitsSchema } from "../outing-file/schema/piece-schema";
import { describeStarterKits } from "./describe-kits";
import { QUICK_KEYS, quickPiece } from "../../core/starter-kit";
import { KEYS_WITH_TRAITS } from "../../core/starter-kit";
import { STARTER_KITS } from "../../core/starter-kit";
import { STARTER_PIECES, starterPiece, type StarterPiece, type StarterPieceKey } from "../../core/starter-kit";

/** The greatest reading of a label, clo. */
const mostClo = (label: Parameters<typeof readLabel>[0]): number =>
  Math.max(...readLabel(label).map(({ insulationM2KPerW }) => cloFromInsulation(insulationM2KPerW)));

describe("pieces typed by one figure", () => {
  it.each(QUICK_KEYS.map((key) => [quickPiece(key).words, quickPiece(key)] as const))(
    "%s: reads over its whole range, and more of the figure is never less warmth",
    (_words, { figure, labelOf, kind, traits }) => {
      const [least, most] = figure.range;
      expect(figure.usual).toBeGreaterThanOrEqual(least);
      expect(figure.usual).toBeLessThanOrEqual(most);
      const [low, usual, high] = [least, figure.usual, most].map((value) => labelOf(value, "new"));
      for (const label of [low, usual, high]) expect(labelSchema.safeParse(label).error).toBeUndefined();
      expect(mostClo(usual!)).toBeGreaterThanOrEqual(mostClo(low!));
      expect(mostClo(high!)).toBeGreaterThan(mostClo(low!));
      expect(mostClo(labelOf(figure.usual, "muchUsed"))).toBeLessThan(mostClo(usual!));
      expect(PIECE_KINDS).toContain(kind);
      expect(traitsSchema.safeParse(traits).error).toBeUndefined();
    },
  );

  it("have names of their own, and cover head to foot and what is under it", () => {
    expect(new Set(QUICK_KEYS.map((key) => quickPiece(key).words)).size).toBe(QUICK_KEYS.length);
    const lanes = new Set(
      QUICK_KEYS.map(quickPiece).map(({ kind, labelOf, figure }) =>
        laneOf({ kind, label: labelOf(figure.usual, "new") }),
      ),
    );
    expect(LANES.filter((lane) => !lanes.has(lane))).toEqual([]);
  });

  it("of usual figures read as such clothes are found: a fleece of 200 g/m² under one clo, a down jacket above two (ISO 9920 lists 0.3 to 0.9 for sweaters and jackets on the whole body, from memory)", () => {
    const usual = (words: string): number => {
      const quick = QUICK_KEYS.map(quickPiece).find((own) => own.words === words)!;
      return mostClo(quick.labelOf(quick.figure.usual, "new"));
    };
    expect(usual("Fleece jacket")).toBeLessThan(1.2);
    expect(usual("Base layer, top")).toBeLessThan(usual("Fleece jacket"));
    expect(usual("Down jacket")).toBeGreaterThan(usual("Insulated vest"));
  });
});

describe("the starter kit", () => {
  it.each(Object.keys(STARTER_PIECES) as StarterPieceKey[])("%s can be kept as any piece can", (key) => {
    const { label, traits = {}, massG, name } = starterPiece(key);
    expect(labelSchema.safeParse(label).error).toBeUndefined();
    expect(traitsSchema.safeParse(traits).error).toBeUndefined();
    expect(massG).toBeGreaterThan(0);
    expect(name.length).toBeLessThanOrEqual(120);
  });

  it("tells traits of pieces there are", () => {
    for (const key of KEYS_WITH_TRAITS) expect(Object.keys(STARTER_PIECES)).toContain(key);
  });

  it("names its pieces apart", () => {
    const names = Object.values(STARTER_PIECES).map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
  });

  it("parkas have a hood and mitts a cap that come off, without a part they read the same as whole", () => {
    const partsOf = (key: StarterPieceKey) => starterPiece(key).label.panels.flatMap(({ part }) => part ?? []);
    expect(partsOf("downParka")).toEqual(["hood"]);
    expect(partsOf("mitts300")).toEqual(["cap"]);
  });
});

describe("starter kits", () => {
  it.each(Object.entries(STARTER_KITS))(
    "%s: pieces read, cover head to foot, names are their own",
    (_key, { pieces }) => {
      expect(new Set(pieces.map(({ name }) => name)).size).toBe(pieces.length);
      const lanes = new Set(pieces.map(laneOf));
      for (const lane of ["Head", "Trunk", "Hands", "Legs", "Feet"] as const) expect(lanes).toContain(lane);
      for (const { label, traits = {} } of pieces) {
        expect(labelSchema.safeParse(label).error).toBeUndefined();
        expect(traitsSchema.safeParse(traits).error).toBeUndefined();
      }
    },
  );

  it("animal-free holds nothing of animals: no down, no wool, no skin, by label and by name", () => {
    for (const { name, label, traits } of STARTER_KITS.animalFree.pieces) {
      expect(traits?.isAnimalFree, name).toBe(true);
      expect(JSON.stringify(label)).not.toMatch(/"down"|"felt"|"sheepskin"/);
      expect(name).not.toMatch(/wool|down|felt|skin/i);
    }
  });

  it("the better kits keep longer in frost", () => {
    const minutes = (key: keyof typeof STARTER_KITS): number => minutesIn(STARTER_KITS[key].pieces);
    expect(minutes("middle")).toBeGreaterThan(minutes("careful"));
    expect(minutes("best")).toBeGreaterThan(minutes("middle"));
  });

  it("are described as they are: docs/starter-kit.md is what `npm run schema` writes", () => {
    expect(readFileSync("docs/starter-kit.md", "utf8")).toBe(describeStarterKits());
  });
});

/** Minutes still at −12 °C, everything of a kit worn as it usually is, hands in all of it. */
function minutesIn(pieces: readonly StarterPiece[]): number {
  const setting: BenchSetting = {
    person: sampleOuting().person,
    dress: { pieces: [], wearings: [] },
    airTemperatureC: -12,
    windAtSeatMPerS: 1,
    ground: "snow",
    posture: "sitting",
    hours: 6,
  };
  const ordered = pieces
    .map(({ massG, fingersTogether = false, ...piece }, index) => ({
      ...piece,
      massG,
      fingersTogether,
      id: `${index}`,
    }))
    .sort((one, other) => usualWearing(one).rank - usualWearing(other).rank);
  const { verdict } = simulateOuting(benchOuting(setting, ordered), { only: ["toes", "heatDebt"] }).sits[0]!;
  return verdict.kind === "ends" ? verdict.minutesStill : Infinity;
}
