import { isSecondOuter, mayLieOutermost } from "../../changes";
import { outwards, usualWearing, wearingProblems } from "../../dressing";
import { coveredPatches, readLabel } from "../../labels";
import type { Outing } from "../../outing";
import { PATCHES, type Patch } from "../../patches";
import { KIND_TABLE, MIDDLE, NEXT_TO_SKIN, type PieceKind } from "../../pieces";
import { PLACEMENT, type OutfitCode, type Placement } from "./outfit-code";
import { isOn, OutfitRoom, TIMES, type LayerOnPatch } from "./outfit-room";
import type { DresserPiece } from "./wishes";

// What can be worn together at all: constraints, never penalties. Common practice, no source, where nothing else is said.

const meet = (one: number, other: number): boolean => TIMES.some((time) => isOn(one, time) && isOn(other, time));

/** How many of one kind, in one place of the stack and over mostly the same parts, are worn together. */
const MOST_ALIKE = { nextToSkin: 2, middle: 2, outer: 1 } as const;
const MOST_OF_KIND: Partial<Record<PieceKind, number>> = {
  footwear: 1,
  liner: 1,
  footbed: 1,
  neckwear: 1,
  handwear: 1,
  headwear: 1,
  pad: 1,
  heatSource: 1,
  protection: 1,
};
const mostAlike = ({ kind }: DresserPiece, rank: number): number =>
  MOST_OF_KIND[kind] ??
  (rank <= NEXT_TO_SKIN.rank ? MOST_ALIKE.nextToSkin : rank <= MIDDLE.rank ? MOST_ALIKE.middle : MOST_ALIKE.outer);

/** What nobody goes without: parts of the body that something has to cover wherever the kit has something for them. */
type Need = {
  readonly kind: PieceKind;
  readonly patches: readonly Patch[];
  readonly fromRank?: number;
  readonly toRank?: number;
};
const ALWAYS_COVERED: readonly Need[] = [
  { kind: "footwear", patches: ["sole"] },
  { kind: "sock", patches: ["toes"] },
  // Something next to the skin, or at least a shirt, under the parka; trousers over the long underwear.
  { kind: "garment", patches: ["chest", "upperArm"], toRank: NEXT_TO_SKIN.rank },
  { kind: "garment", patches: ["chest", "upperArm"], toRank: MIDDLE.rank },
  { kind: "garment", patches: ["thigh", "calf"], fromRank: NEXT_TO_SKIN.rank + 1 },
];

type Known = {
  readonly piece: DresserPiece;
  readonly rank: number;
  readonly covered: readonly Patch[];
  readonly layers: readonly LayerOnPatch[];
  /** Which of what nobody goes without it answers. */
  readonly answers: readonly number[];
};

const known = (piece: DresserPiece): Known => ({
  piece,
  rank: usualWearing(piece).rank,
  covered: coveredPatches(piece.label),
  layers: KIND_TABLE[piece.kind].liesUnder
    ? []
    : readLabel(piece.label).flatMap(({ patch, layers }) =>
        layers.map(({ thicknessMm, easeMm = Infinity }) => ({ patch: PATCHES.indexOf(patch), thicknessMm, easeMm })),
      ),
  answers: ALWAYS_COVERED.flatMap(({ kind, patches, fromRank = 0, toRank = Infinity }, index) =>
    piece.kind === kind &&
    usualWearing(piece).rank >= fromRank &&
    usualWearing(piece).rank <= toRank &&
    patches.every((patch) => coveredPatches(piece.label).includes(patch))
      ? [index]
      : [],
  ),
});

const MOSTLY = 0.5;
const sharesMost = (one: Known, other: Known): boolean => {
  const shared = one.covered.filter((patch) => other.covered.includes(patch)).length;
  return shared >= MOSTLY * Math.min(one.covered.length, other.covered.length);
};
const areAlike = (one: Known, other: Known): boolean =>
  one.piece.kind === other.piece.kind && one.rank === other.rank && sharesMost(one, other);

/** A bib or a suit with batting: one is enough to walk in. */
const isThickLegwear = ({ piece: { kind, label }, rank, covered }: Known): boolean =>
  kind === "garment" &&
  rank > MIDDLE.rank &&
  covered.includes("calf") &&
  label.kind === "panels" &&
  label.assembly !== "none";

const FOUR_PLACEMENTS = Object.values(PLACEMENT);

/** Rules of a kit in an outing, looked up quickly: they are asked of thousands of outfits. */
export class OutfitRules {
  private readonly all: readonly Known[];
  /** By two pieces and their placements, whether both cannot be. */
  private readonly conflicts: Uint8Array;
  /** Of each piece by its placement those that cannot be with it in one placement or another, in the kit's order. */
  private readonly rivals: readonly (readonly number[])[];
  private readonly alike: readonly (readonly number[])[];
  /** Pieces as they are placed, from the skin out. */
  private readonly outwards: readonly { readonly index: number; readonly placement: Placement }[];
  /** For each thing that nobody goes without the pieces of the kit that answer it: one of them is on all the time. */
  readonly needed: readonly (readonly number[])[];
  readonly room: OutfitRoom;
  private readonly worn: number[] = [];

  /** @param placements where each piece may be */
  constructor(
    kit: readonly DresserPiece[],
    private readonly placements: readonly (readonly Placement[])[],
    private readonly outing: Pick<Outing, "weather">,
  ) {
    this.all = kit.map(known);
    this.alike = this.all.map((own, index) =>
      this.all.flatMap((other, place) => (place !== index && areAlike(own, other) ? [place] : [])),
    );
    this.outwards = placements
      .flatMap((own, index) => own.map((placement) => ({ index, placement })))
      .sort((one, other) => outwards(this.placed(one), this.placed(other)));
    this.room = new OutfitRoom(
      this.outwards.map(({ index, placement }) => ({ index, placement, layers: this.all[index]!.layers })),
    );
    this.needed = ALWAYS_COVERED.map((_, need) =>
      this.all.flatMap(({ answers }, index) =>
        answers.includes(need) && placements[index]!.includes(PLACEMENT.start) ? [index] : [],
      ),
    );
    this.conflicts = this.foundConflicts();
    this.rivals = this.all.flatMap((_own, index) =>
      FOUR_PLACEMENTS.map((placement) =>
        [...this.all.keys()].filter((other) =>
          FOUR_PLACEMENTS.some((otherPlacement) => this.isConflict(index, placement, other, otherPlacement)),
        ),
      ),
    );
  }

  private placed({ index, placement }: { readonly index: number; readonly placement: number }) {
    const { piece, rank } = this.all[index]!;
    return {
      pieceId: piece.id,
      side: "both" as const,
      rank,
      fromMinute: placement === PLACEMENT.seat ? 1 : 0,
      toMinute: placement === PLACEMENT.way ? 1 : 2,
    };
  }

  /** What of an outfit cannot be with the piece placed so; nothing when it can. */
  conflictsWith(code: OutfitCode, index: number, placement: number): number[] {
    return this.rivals[4 * index + placement]!.filter((other) =>
      this.isConflict(index, placement, other, code[other]!),
    );
  }

  /** Whether a piece placed so cannot be with another before it in the kit. */
  hasConflict(code: OutfitCode, index: number, placement: number): boolean {
    return this.rivals[4 * index + placement]!.some(
      (other) => other < index && this.isConflict(index, placement, other, code[other]!),
    );
  }

  private isConflict(one: number, placement: number, other: number, otherPlacement: number): boolean {
    return this.conflicts[((one * 4 + placement) * this.all.length + other) * 4 + otherPlacement] === 1;
  }

  /** Whether an outfit can be worn so. */
  isValid(code: OutfitCode): boolean {
    // What is found out soonest first: most outfits that are thought of are not valid.
    return this.isDecent(code) && this.bootsFollow(code) && this.fitsTogether(code) && this.isDryOutside(code);
  }

  /** Whether its pieces go with each other, be it all that is needed or not. */
  fitsTogether(code: OutfitCode): boolean {
    const { worn } = this;
    worn.length = 0;
    for (let index = 0; index < this.all.length; index++) {
      const placement = code[index]!;
      if (placement === PLACEMENT.home) continue;
      for (const other of worn) if (this.isConflict(index, placement, other, code[other]!)) return false;
      worn.push(index);
    }
    return worn.every((index) => this.isAmongFewAlike(code, index)) && this.room.isEnough(code);
  }

  private isAmongFewAlike(code: OutfitCode, index: number): boolean {
    const { piece, rank } = this.all[index]!;
    let alike = 0;
    for (const other of this.alike[index]!) if (meet(code[index]!, code[other]!)) alike++;
    return alike < mostAlike(piece, rank);
  }

  /** Somebody who owns boots, socks, trousers and a shirt goes in them. */
  private isDecent(code: OutfitCode): boolean {
    return this.needed.every(
      (pieces) => pieces.length === 0 || TIMES.every((time) => pieces.some((index) => isOn(code[index]!, time))),
    );
  }

  /** Light shoes are worn in only where boots are carried; a liner or a footbed lies in the boots of the seat. */
  private bootsFollow(code: OutfitCode): boolean {
    let boots = 0;
    let lightShoes = 0;
    this.all.forEach(({ piece }, index) => {
      if (piece.kind !== "footwear") return;
      if (code[index] === PLACEMENT.way) lightShoes++;
      else if (code[index]! > 0) boots = code[index]!;
    });
    if (lightShoes > 0 !== (boots === PLACEMENT.seat)) return false;
    return this.all.every(
      ({ piece }, index) =>
        code[index] === 0 || (piece.kind !== "liner" && piece.kind !== "footbed") || code[index] === boots,
    );
  }

  /** Nobody wears down outermost in rain. */
  private isDryOutside(code: OutfitCode): boolean {
    return TIMES.every((time) => {
      const outer = this.outwards.findLast(({ index, placement }) => {
        const { piece, covered } = this.all[index]!;
        return (
          code[index] === placement && isOn(placement, time) && piece.kind === "garment" && covered.includes("chest")
        );
      });
      return outer === undefined || mayLieOutermost(this.outing, this.all[outer.index]!.piece);
    });
  }

  private foundConflicts(): Uint8Array {
    const { length } = this.all;
    const conflicts = new Uint8Array(length * 4 * length * 4);
    for (let one = 0; one < length; one++) {
      for (let other = 0; other < length; other++) {
        if (one === other) continue;
        for (const placement of this.placements[one]!) {
          for (const otherPlacement of this.placements[other]!) {
            if (meet(placement, otherPlacement) && this.cannotMeet(one, placement, other, otherPlacement))
              conflicts[((one * 4 + placement) * length + other) * 4 + otherPlacement] = 1;
          }
        }
      }
    }
    return conflicts;
  }

  /** By the rules of a day sheet for two pieces, and one thick outer piece over the same parts. */
  private cannotMeet(one: number, placement: number, other: number, otherPlacement: number): boolean {
    const [first, second] = [this.all[one]!, this.all[other]!];
    if (isSecondOuter(first.piece, second.piece) || isSecondOuter(second.piece, first.piece)) return true;
    if (isThickLegwear(first) && isThickLegwear(second)) return true;
    const wearings = [this.placed({ index: one, placement }), this.placed({ index: other, placement: otherPlacement })];
    return wearingProblems([first.piece, second.piece], wearings, wearings.length).length > 0;
  }
}
