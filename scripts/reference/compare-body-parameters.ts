import { bodyParameters, CENTRAL_BLOOD_NODE, NODE_COUNT, SEGMENT_NODES, type Sex } from "@/core/body";
import { conductancePairs } from "./conductance-pairs";
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

/** Our node for each node number of the file, whose central pool is number 0. */
function ourNodes(index: ParametersFile["node_index"]): number[] {
  const ours = [CENTRAL_BLOOD_NODE];
  Object.values(index)
    .filter((tissues): tissues is Record<string, number> => typeof tissues === "object")
    // Segments in order of their arteries; the file lists head, pelvis and neck in another.
    .sort((one, other) => one.artery! - other.artery!)
    .forEach((tissues, segment) => {
      for (const [name, node] of Object.entries(tissues)) {
        ours[node] = SEGMENT_NODES[segment]![TISSUE[name as keyof typeof TISSUE]];
      }
    });
  return ours;
}

/** Scaled bodies of the file against ours. */
export function compareBodyParameters(file: ParametersFile): FileReport {
  const tally = new Tally();
  const nodes = ourNodes(file.node_index);
  tally.compare("different nodes", "all", new Set(nodes.filter((node) => node >= 0)).size, NODE_COUNT, EXACT);
  for (const [name, expected] of Object.entries(file.people)) {
    const person = PEOPLE[name] ?? recognisePerson(expected, nodes);
    const found = bodyParameters(person, 1, "jos-3");
    tally.compare("skin area", name, found.skinAreaM2, expected.bsa, SHARE);
    const capacity = nodes.map((node) => found.capacityJPerK[node]!);
    tally.compare("heat capacity", name, capacity, expected.capacity, SHARE);
    tally.compare("basal heat", name, found.basalHeatW, expected.bmr, SHARE);
    tally.compare("blood ratio", name, found.bloodRatio, expected.bfb_rate, SHARE);
    const pair = (from: number, to: number): number => Math.min(from, to) * NODE_COUNT + Math.max(from, to);
    const ours = new Map(
      conductancePairs(found).map(({ from, to, conductanceWPerK }) => [pair(from, to), conductanceWPerK]),
    );
    for (const [from, to, value] of expected.conductance_pairs) {
      tally.compare("conductance", `${name} ${from}–${to}`, ours.get(pair(nodes[from]!, nodes[to]!)), value, SHARE);
    }
    tally.compare("conductances in all", name, ours.size, expected.conductance_pairs.length, EXACT);
  }
  return tally.report(Object.keys(file.people).length);
}
