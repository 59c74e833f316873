import * as m from "@/messages";
import { totalMinutes } from "../outing";
import { CoreError } from "../errors";
import { coveredPatches } from "../labels";
import { changeMinutes, OutfitResolver, isNextToSkin } from "../dressing";
import { KIND_TABLE } from "../pieces";
import type { LeakPoint, Side } from "../patches";
import type { Planned, PlannedPiece, PlannedWearing } from "./planned";

/** Where a step is done. */
export type DressingSpot = "home" | "vehicle" | "out";

/** One thing to do while dressing. */
export type DressingStep = {
  readonly spot: DressingSpot;
  /** Minute of the outing; 0 before it begins. */
  readonly minute: number;
  readonly minutes: number;
  readonly act:
    | { readonly kind: "putOn" | "takeOff"; readonly piece: PlannedPiece; readonly side: Side | "both" }
    | { readonly kind: "keepOn"; readonly piece: PlannedPiece; readonly side: Side | "both" }
    | {
        readonly kind: "setClosures";
        readonly piece: PlannedPiece;
        readonly open: readonly LeakPoint[];
        readonly without: readonly string[];
      }
    | { readonly kind: "tuckUnderwear" }
    | { readonly kind: "strapThroughSlot"; readonly piece: PlannedPiece }
    | { readonly kind: "legsOverBoots"; readonly piece: PlannedPiece }
    | { readonly kind: "checkGaps"; readonly open: readonly LeakPoint[] };
};

const covers = ({ label }: PlannedPiece, patch: "calf" | "forearm"): boolean => coveredPatches(label).includes(patch);
const isLegwear = (piece: PlannedPiece): boolean => piece.kind === "garment" && covers(piece, "calf");
/** From here out a garment is one that goes on over a harness or boots. */
const OUTER_RANK = 30;

/** A harness goes over the trousers, packs for the toes onto the socks, others in once the jacket is on. */
const HARNESS_TURN = 6;
const TOE_PACK_TURN = 7;
const PACK_TURN = 12;

/**
 * Order in which pieces go on, as those do who have to be ready in the dark: skin first, legs before feet, boots before
 * what opens over them, head and neck once the jacket is shut, handwear last. Common practice, no source.
 */
function turnOf(piece: PlannedPiece, rank: number): number {
  if (piece.traits.isHarness) return HARNESS_TURN;
  const byKind = KIND_TABLE[piece.kind].dressingTurn;
  if (byKind !== null) return byKind;
  if (piece.kind === "heatSource") return coveredPatches(piece.label).includes("toes") ? TOE_PACK_TURN : PACK_TURN;
  return turnOfGarment(piece, rank);
}

function turnOfGarment(piece: PlannedPiece, rank: number): number {
  if (isNextToSkin(piece)) return isLegwear(piece) ? 1 : 3;
  if (isLegwear(piece)) return rank >= OUTER_RANK && piece.traits.opensOverBoots !== false ? 9 : 4;
  return rank >= OUTER_RANK ? 10 : 4.5;
}

type Change = { readonly wearing: PlannedWearing; readonly piece: PlannedPiece };

const inOrder = (changes: readonly Change[]): Change[] =>
  [...changes].sort(
    (one, other) =>
      turnOf(one.piece, one.wearing.rank) - turnOf(other.piece, other.wearing.rank) ||
      one.wearing.rank - other.wearing.rank,
  );

/** What is put on at home rather than at the vehicle: all that a person drives in. */
const isForHome = ({ piece, wearing }: Change): boolean =>
  turnOf(piece, wearing.rank) < 6 && !(piece.kind === "garment" && wearing.rank >= OUTER_RANK);

function putOn({ piece, wearing }: Change, spot: DressingSpot, minute: number): DressingStep {
  return {
    spot,
    minute,
    minutes: changeMinutes(piece),
    act: { kind: "putOn", piece, side: wearing.side },
  };
}

const hasClosuresSet = ({ opened = [], withoutParts = [] }: PlannedWearing): boolean =>
  opened.length + withoutParts.length > 0;

const sameClosures = (one: PlannedWearing, other: PlannedWearing): boolean =>
  JSON.stringify([one.opened ?? [], one.withoutParts ?? []]) ===
  JSON.stringify([other.opened ?? [], other.withoutParts ?? []]);

/** How zips, cuffs, hood and other parts of a piece stand from now on. */
const setClosures = ({ piece, wearing }: Change, spot: DressingSpot, minute: number): DressingStep => ({
  spot,
  minute,
  minutes: 0,
  act: { kind: "setClosures", piece, open: wearing.opened ?? [], without: wearing.withoutParts ?? [] },
});

/** What some changes at one place and time come to, with what is seen to in between. */
function stepsOf(
  changes: readonly Change[],
  spot: DressingSpot,
  minute: number,
  worn: readonly Change[],
): DressingStep[] {
  const steps: DressingStep[] = [];
  const note = (act: DressingStep["act"], minutes: number): void => void steps.push({ spot, minute, minutes, act });
  const ordered = inOrder(changes);
  ordered.forEach((change, index) => {
    steps.push(putOn(change, spot, minute));
    if (hasClosuresSet(change.wearing)) steps.push(setClosures(change, spot, minute));
    const { piece } = change;
    const isLastSock = piece.kind === "sock" && !ordered.slice(index + 1).some((later) => later.piece.kind === "sock");
    if (isLastSock && ordered.some((other) => isLegwear(other.piece) && isNextToSkin(other.piece))) {
      note({ kind: "tuckUnderwear" }, 1);
    }
    if (isLegwear(piece) && piece.traits.opensOverBoots) note({ kind: "legsOverBoots", piece }, 0);
    const isOverHarness =
      piece.kind === "garment" && covers(piece, "forearm") && worn.some((own) => own.piece.traits.isHarness);
    if (isOverHarness && change.wearing.rank >= OUTER_RANK) note({ kind: "strapThroughSlot", piece }, 0);
  });
  return steps;
}

/**
 * How to dress for an outing: at home, at the vehicle, and out there whenever something is put on or taken off.
 * @throws {CoreError} `unknown-piece`
 * @source common practice, no source; minutes as of "Changing clothes" in docs/method.md
 */
export function dressingOrder(planned: Planned): DressingStep[] {
  const pieces = new Map(planned.kit.map((piece) => [piece.id, piece]));
  const all = planned.wearings.map((wearing): Change => {
    const piece = pieces.get(wearing.pieceId);
    if (!piece) throw new CoreError("unknown-piece", m.aWearingNamesPieceWhichIs2({ pieceId: wearing.pieceId }));
    return { wearing, piece };
  });
  const end = totalMinutes(planned.phases);
  const start = all.filter(({ wearing }) => wearing.fromMinute === 0);
  const home = start.filter(isForHome);
  const vehicle = start.filter((change) => !isForHome(change));
  const dressing = new OutfitResolver([...new Set(all.map(({ piece }) => piece))], planned.wearings).timeline();
  const gaps = (spot: DressingSpot, minute: number): DressingStep => ({
    spot,
    minute,
    minutes: 1,
    act: { kind: "checkGaps", open: dressing.at(minute).leaks },
  });
  const minutes = [...new Set(all.flatMap(({ wearing }) => [wearing.fromMinute, wearing.toMinute]))]
    .filter((minute) => minute > 0 && minute < end)
    .sort((one, other) => one - other);
  const out = minutes.flatMap((minute): DressingStep[] => {
    const ends = all.filter(({ wearing }) => wearing.toMinute === minute);
    const begins = all.filter(({ wearing }) => wearing.fromMinute === minute);
    const goesOn = (one: Change, others: readonly Change[]): boolean => others.some(({ piece }) => piece === one.piece);
    const off = ends.filter((change) => !goesOn(change, begins));
    const on = begins.filter((change) => !goesOn(change, ends));
    const keptOn = begins.flatMap((change): DressingStep[] => {
      const before = ends.find(({ piece }) => piece === change.piece);
      if (!before) return [];
      const { piece, wearing } = change;
      const side: DressingStep[] =
        before.wearing.side === wearing.side
          ? []
          : [{ spot: "out", minute, minutes: 0, act: { kind: "keepOn", piece, side: wearing.side } }];
      return sameClosures(before.wearing, wearing) ? side : [...side, setClosures(change, "out", minute)];
    });
    const leavesGaps = on.some(({ piece }) => KIND_TABLE[piece.kind].leavesGaps);
    const stays = all.filter(({ wearing }) => wearing.fromMinute < minute && wearing.toMinute > minute);
    const takeOff = inOrder(off)
      .reverse()
      .map(({ piece, wearing }): DressingStep => ({
        spot: "out",
        minute,
        minutes: 0,
        act: { kind: "takeOff", piece, side: wearing.side },
      }));
    return [
      ...takeOff,
      ...keptOn,
      ...stepsOf(on, "out", minute, [...stays, ...on]),
      ...(leavesGaps ? [gaps("out", minute)] : []),
    ];
  });
  return [
    ...stepsOf(home, "home", 0, []),
    ...stepsOf(vehicle, "vehicle", 0, start),
    ...(start.length > 0 ? [gaps("vehicle", 0)] : []),
    ...out,
  ];
}
