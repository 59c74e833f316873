import { bodyParameters, NODE_COUNT, SEGMENT_NODES, type Sex } from "@/core/body";
import { recognisePerson } from "./recognise-person";
import { Tally, type FileReport, type Tolerance } from "./tally";

type Scaled = {
  bsa: number[];
  capacity: number[];
  conductance_pairs: [number, number, number][];
  bmr: number;
  bfb_rate: number;
};
type ParametersFile = {
  people: Record<string, Scaled>;
  node_index: Record<string, Record<string, number> | number>;
};

// The file does not repeat who its people are; they are the three of the script that writes it.
const PEOPLE: Readonly<
  Record<string, { heightM: number; massKg: number; fatPercent: number; ageYears: number; sex: Sex }>
> = {
  standard: { heightM: 1.72, massKg: 74.43, fatPercent: 15, ageYears: 20, sex: "male" },
  woman: { heightM: 1.64, massKg: 58, fatPercent: 26, ageYears: 34, sex: "female" },
  older: { heightM: 1.8, massKg: 92, fatPercent: 28, ageYears: 63, sex: "male" },
};

/** Six significant figures are printed; heat and the rest within 0.1 %. */
const SHARE: Tolerance = { kind: "relative", allowed: 0.001, floor: 1e-6 };
const EXACT: Tolerance = { kind: "absolute", allowed: 0, unit: "" };

const TISSUE = {
  artery: "artery",
  vein: "vein",
  sfvein: "superficialVein",
  core: "core",
  muscle: "muscle",
  fat: "fat",
  skin: "skin",
} as const;

function compareNodes(tally: Tally, index: ParametersFile["node_index"]): void {
  Object.entries(index)
    .filter((entry): entry is [string, Record<string, number>] => typeof entry[1] === "object")
    .sort(([, one], [, other]) => one.artery! - other.artery!)
    .forEach(([, tissues], segment) => {
      // Numbered from the artery of each segment; the file lists head, pelvis and neck in another order.
      const own = SEGMENT_NODES[segment]!;
      for (const [name, node] of Object.entries(tissues)) {
        tally.compare("node number", name, own[TISSUE[name as keyof typeof TISSUE]], node, EXACT);
      }
    });
}

/** Scaled bodies of the file against ours. */
export function compareBodyParameters(file: ParametersFile): FileReport {
  const tally = new Tally();
  compareNodes(tally, file.node_index);
  for (const [name, expected] of Object.entries(file.people)) {
    const person = PEOPLE[name] ?? recognisePerson(expected);
    const found = bodyParameters(person);
    tally.compare("skin area", name, found.skinAreaM2, expected.bsa, SHARE);
    tally.compare("heat capacity", name, found.capacityJPerK, expected.capacity, SHARE);
    tally.compare("basal heat", name, found.basalHeatW, expected.bmr, SHARE);
    tally.compare("blood ratio", name, found.bloodRatio, expected.bfb_rate, SHARE);
    const pair = (from: number, to: number): number => Math.min(from, to) * NODE_COUNT + Math.max(from, to);
    const ours = new Map(
      found.conductances.map(({ from, to, conductanceWPerK }) => [pair(from, to), conductanceWPerK]),
    );
    for (const [from, to, value] of expected.conductance_pairs) {
      tally.compare("conductance", `${name} ${from}–${to}`, ours.get(pair(from, to)), value, SHARE);
    }
    tally.compare("conductances in all", name, ours.size, expected.conductance_pairs.length, EXACT);
  }
  return tally.report(Object.keys(file.people).length);
}
