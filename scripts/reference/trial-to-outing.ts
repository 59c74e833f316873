import type { Sex } from "@/core/body";
import type { ExplicitPanel } from "@/core/labels";
import type { Layer } from "@/core/clothing";
import type { Outing, Phase, Wearing } from "@/core/outing";
import type { Piece } from "@/core/pieces";
import { levelEverywhere } from "@/core/limits";
import { PATCH_ANATOMY, PATCHES, SIDES, type Patch, type Side } from "@/core/patches";
import { USUAL_START } from "@/core/sitter";
import { bodyPersonOf } from "./compare-body-cases";

type TrialLayer = { R: number; t_mm: number; gap_mm: number; p: number; kept: number; rigid?: boolean };
type TrialContact = { R: number; groundC: number };
export type TrialPhase = {
  minutes: number;
  posture: "standing" | "sitting";
  par: number;
  walk: number;
  ta: number;
  tr: number;
  rh: number;
  v: number;
  dress: Record<string, TrialLayer[] | boolean>;
  sole: TrialContact;
  seat?: TrialContact | null;
};
export type TrialCase = {
  name: string;
  person: { height: number; weight: number; fat: number; age: number; sex: Sex };
  phases: TrialPhase[];
};

/** Names of patches in the trial tables, where they differ from ours. */
const TRIAL_NAME: Partial<Record<Patch, string>> = {
  lowerBack: "lowback",
  upperArm: "upperarm",
  thighOnSeat: "thighseat",
  footUpper: "upper",
};

/** Key of a patch on a side in the trial tables: name, then L or R where it has sides. */
export function trialKey(patch: Patch, side: Side | null): string {
  const suffix = side === null ? "" : side === "left" ? "L" : "R";
  return `${TRIAL_NAME[patch] ?? patch}${suffix}`;
}

const layerOf = (layer: TrialLayer): Layer => ({
  insulationM2KPerW: layer.R,
  thicknessMm: layer.t_mm,
  gapMm: layer.gap_mm,
  airPermeabilityLPerM2S: layer.p,
  keptUnderLoad: layer.kept,
  rigidWall: layer.rigid ?? false,
});

/** A stated resistance as a layer that load does not press. */
const statedLayer = (insulationM2KPerW: number): Layer => ({
  insulationM2KPerW,
  thicknessMm: 0,
  gapMm: 0,
  airPermeabilityLPerM2S: 1,
  keptUnderLoad: 1,
  rigidWall: false,
});

const sidesOf = (patch: Patch): readonly (Side | null)[] =>
  PATCH_ANATOMY[patch].segment.length === 1 ? [null] : SIDES;

function clothingPanels(phase: TrialPhase): ExplicitPanel[] {
  return PATCHES.filter((patch) => patch !== "sole").flatMap((patch) =>
    sidesOf(patch).map((side): ExplicitPanel => {
      const own = phase.dress[trialKey(patch, side)] ?? phase.dress[trialKey(patch, null)];
      return { patches: [patch], side: side ?? "both", layers: Array.isArray(own) ? own.map(layerOf) : [] };
    }),
  );
}

const explicitPiece = (id: string, kind: Piece["kind"], panels: ExplicitPanel[], fingersTogether = false): Piece => ({
  id,
  name: id,
  kind,
  label: { kind: "explicit", panels },
  fingersTogether,
  changeMinutes: 0,
});

/** The pieces of one phase: all its stacks as one explicit piece, mitts as markers, what lies under sole and seat as pads. */
function piecesOf(phase: TrialPhase, index: number): { piece: Piece; side: Wearing["side"] }[] {
  const id = (name: string): string => `phase ${index} ${name}`;
  const stated = (patches: Patch[], insulation: number): ExplicitPanel => ({
    patches,
    side: "both",
    layers: [statedLayer(insulation)],
  });
  const marker: ExplicitPanel = { patches: ["fingers"], side: "both", layers: [] };
  const mitts = (["left", "right"] as const).filter(
    (side) => phase.dress[side === "left" ? "mittL" : "mittR"] === true,
  );
  return [
    { piece: explicitPiece(id("clothes"), "garment", clothingPanels(phase)), side: "both" },
    ...mitts.map((side) => ({ piece: explicitPiece(id(`${side} mitt`), "handwear", [marker], true), side })),
    { piece: explicitPiece(id("sole"), "pad", [stated(["sole"], phase.sole.R)]), side: "both" },
    ...(phase.seat
      ? [
          {
            piece: explicitPiece(id("seat"), "pad", [stated(["seat", "thighOnSeat"], phase.seat.R)]),
            side: "both" as const,
          },
        ]
      : []),
  ];
}

function phaseOf(phase: TrialPhase): Phase {
  return {
    kind: phase.walk > 0 ? "walkIn" : "sit",
    minutes: phase.minutes,
    posture: phase.posture,
    activityRatio: phase.par,
    walkSpeedMPerS: phase.walk,
    spot: {
      airTemperatureC: phase.ta,
      radiantTemperatureC: phase.tr,
      relativeHumidityPercent: phase.rh,
      relativeWindMPerS: phase.v,
      groundTemperatureC: phase.sole.groundC,
      groundInsulationM2KPerW: 0,
    },
  };
}

/** A trial case as an outing of ours, its stacks as explicit pieces. */
export function trialToOuting(trial: TrialCase): Outing {
  let minute = 0;
  const pieces: Piece[] = [];
  const wearings: Wearing[] = [];
  trial.phases.forEach((phase, index) => {
    for (const { piece, side } of piecesOf(phase, index)) {
      pieces.push(piece);
      wearings.push({ pieceId: piece.id, side, rank: 0, fromMinute: minute, toMinute: minute + phase.minutes });
    }
    minute += phase.minutes;
  });
  return {
    person: { body: bodyPersonOf(trial.person), accepted: levelEverywhere("cold") },
    place: { shelter: "openIce", seatHeightM: 0, ground: "metal" },
    start: USUAL_START,
    weather: [{ minute: 0, airTemperatureC: 0, windMPerS: 0, relativeHumidityPercent: 80, radiantTemperatureC: null }],
    phases: trial.phases.map(phaseOf),
    pieces,
    wearings,
  };
}
