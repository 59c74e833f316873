import { isCareDue } from "../care";
import { coveredPatches } from "../labels";
import { packedVolumeL } from "../dressing";
import { KIND_TABLE } from "../pieces";
import type { ExtraThing } from "./preparation";
import type { Planned, PlannedPiece } from "./planned";
import { needsDrySet, spareSet, THINGS, thingsFor, type Thing } from "./things";

export const PACK_GROUPS = [
  "worn",
  "carried",
  "vehicle",
  "spare",
  "heat",
  "faceAndEyes",
  "emergency",
  "food",
  "tools",
] as const;
export type PackGroup = (typeof PACK_GROUPS)[number];

/** What a list asks for that the kit does not have. */
export type Missing = "drySetTop" | "drySetLegs" | "drySetSocks" | "faceCover" | "seatPad";

/** A line of the packing list. The key stays the same as long as the thing does: ticks are kept by it. */
export type PackLine = {
  readonly key: string;
  readonly group: PackGroup;
  readonly what:
    | { readonly kind: "piece"; readonly piece: PlannedPiece }
    | { readonly kind: "thing"; readonly thing: Thing }
    | { readonly kind: "extra"; readonly id: string; readonly words: string }
    | { readonly kind: "missing"; readonly missing: Missing };
  readonly isCareDue: boolean;
};

/** Room and mass of what is carried in, by what is known. */
export type PackSum = { readonly massG: number; readonly volumeL: number; readonly unknownMass: number };

const FACE_WORN_BELOW_C = 4; // common practice, no source

function pieceLine(group: PackGroup, piece: PlannedPiece): PackLine {
  const { wears, care } = piece;
  const isDue = wears !== undefined && care !== undefined && isCareDue(piece, care, wears);
  return { key: `piece ${piece.id}`, group, what: { kind: "piece", piece }, isCareDue: isDue };
}

/** Where the pieces worn on the outing travel. */
function groupOf(piece: PlannedPiece, { wearings }: Planned): PackGroup {
  if (piece.heat) return "heat";
  const own = wearings.filter(({ pieceId }) => pieceId === piece.id);
  if (own.some(({ fromMinute }) => fromMinute === 0)) return "worn";
  return own.every(({ whenOff }) => whenOff === "vehicle") ? "vehicle" : "carried";
}

const headToFoot = (one: PlannedPiece, other: PlannedPiece): number =>
  KIND_TABLE[one.kind].packingTurn - KIND_TABLE[other.kind].packingTurn || one.name.localeCompare(other.name);

/** The dry set: what the kit has of it, and what it lacks. */
function drySetLines(planned: Planned): PackLine[] {
  if (!needsDrySet(planned)) return [];
  const set = spareSet(planned);
  const line = (id: string | undefined, missing: Missing): PackLine => {
    const piece = planned.kit.find((own) => own.id === id);
    return piece ? pieceLine("spare", piece) : missingLine("spare", missing);
  };
  return [line(set.top, "drySetTop"), line(set.legs, "drySetLegs"), line(set.socks, "drySetSocks")];
}

const missingLine = (group: PackGroup, missing: Missing): PackLine => ({
  key: `missing ${missing}`,
  group,
  what: { kind: "missing", missing },
  isCareDue: false,
});

/** What the outing asks for and no wearing gives. */
function lacking({ kit, wearings, phases, lowestAirC }: Planned): PackLine[] {
  const worn = kit.filter(({ id }) => wearings.some(({ pieceId }) => pieceId === id));
  const coversFace = worn.some(({ label }) => coveredPatches(label).includes("face"));
  const sits = phases.some(({ kind, posture }) => kind === "sit" && posture === "sitting");
  return [
    ...(lowestAirC < FACE_WORN_BELOW_C && !coversFace ? [missingLine("faceAndEyes", "faceCover")] : []),
    ...(sits && !worn.some(({ kind }) => KIND_TABLE[kind].liesUnder) ? [missingLine("carried", "seatPad")] : []),
  ];
}

/**
 * All that goes along: what is worn, carried and left at the vehicle, the spare dry set, heat, face and eyes, emergency,
 * food, tools and what the person added; group by group.
 * @source common practice, no source
 */
export function packingList(planned: Planned, extras: readonly ExtraThing[] = []): PackLine[] {
  const worn = planned.kit
    .filter(({ id }) => planned.wearings.some(({ pieceId }) => pieceId === id))
    .sort(headToFoot)
    .map((piece) => pieceLine(groupOf(piece, planned), piece));
  const things = thingsFor(planned).map((thing): PackLine => ({
    key: `thing ${thing}`,
    group: THINGS[thing],
    what: { kind: "thing", thing },
    isCareDue: false,
  }));
  const own = extras.map(({ id, words }): PackLine => ({
    key: `extra ${id}`,
    group: "tools",
    what: { kind: "extra", id, words },
    isCareDue: false,
  }));
  const all = [...worn, ...drySetLines(planned), ...lacking(planned), ...things, ...own];
  return PACK_GROUPS.flatMap((group) => all.filter((line) => line.group === group));
}

/** Mass and room of the pieces among some lines, g and L, and how many have no mass told. */
export function sumOf(lines: readonly PackLine[]): PackSum {
  let [massG, volumeL, unknownMass] = [0, 0, 0];
  for (const { what } of lines) {
    if (what.kind !== "piece") continue;
    if (what.piece.massG === undefined) unknownMass++;
    else massG += what.piece.massG;
    volumeL += packedVolumeL({ massG: what.piece.massG ?? null, traits: what.piece.traits });
  }
  return { massG, volumeL, unknownMass };
}
