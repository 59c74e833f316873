import type { RandomStream } from "../../numeric";
import { LANES, laneOf, type LaneName } from "../../pieces";
import type { DresserProblem } from "../outfit/dresser-problem";
import { PLACEMENT, SWITCHES, withPlacement, type OutfitCode } from "../outfit/outfit-code";

/** How often which kind of change is drawn; the rest changes one piece (assumptions). */
const SWAP_SHARE = 0.35;
const SWITCH_SHARE = 0.05;
const BOOTS_SHARE = 0.05;
/** Of one piece: how often it is left at home. */
const HOME_SHARE = 0.4;
/** In boots and gloves there is room for little: how often something else there stays at home for what is put on. */
const ROOM_SHARE = 0.3;
const ROOM_IS_SHORT: readonly LaneName[] = ["Feet", "Hands"];

/** Draws outfits near others: a piece less, a piece more, one for another, one placed otherwise, a switch turned. */
export class Variations {
  private readonly placed: readonly number[];
  /** Where each piece may be put on that stays on at the seat. */
  private readonly onAtSeat: readonly (readonly number[])[];
  private readonly footwear: readonly number[];
  private readonly inBoots: readonly number[];
  private readonly sameKind: readonly (readonly number[])[];
  /** Of each piece that needs room in boots or gloves the others that do. */
  private readonly crowding: readonly (readonly number[])[];

  /** Pieces of each part of the body. */
  private readonly lanes: readonly (readonly number[])[];

  constructor(
    private readonly problem: DresserProblem,
    private readonly random: RandomStream,
  ) {
    const { kit, placements } = problem;
    const all = kit.map((_, index) => index);
    this.placed = all.filter((index) => placements[index]!.length > 0);
    this.onAtSeat = placements.map((own) => own.filter((placement) => placement !== PLACEMENT.way));
    this.footwear = this.placed.filter((index) => kit[index]!.kind === "footwear");
    this.inBoots = this.placed.filter((index) => kit[index]!.kind === "liner" || kit[index]!.kind === "footbed");
    this.sameKind = all.map((index) =>
      this.placed.filter((other) => other !== index && kit[other]!.kind === kit[index]!.kind),
    );
    const lanes = kit.map(laneOf);
    this.lanes = LANES.map((lane) => all.filter((index) => lanes[index] === lane)).filter((own) => own.length > 0);
    this.crowding = all.map((index) =>
      ROOM_IS_SHORT.includes(lanes[index]!)
        ? this.placed.filter(
            (other) => other !== index && lanes[other] === lanes[index] && kit[other]!.kind !== "footwear",
          )
        : [],
    );
  }

  private oneOf<Of>(items: readonly Of[]): Of | undefined {
    return items[Math.floor(this.random() * items.length)];
  }

  /** One of those that are so, without a list of them: it is asked for some hundred thousand times. */
  private oneWhere(items: readonly number[], isSo: (item: number) => boolean): number | undefined {
    let count = 0;
    for (const item of items) if (isSo(item)) count++;
    let left = Math.floor(this.random() * count);
    for (const item of items) if (isSo(item) && left-- === 0) return item;
    return undefined;
  }

  /** An outfit one change away; not always a valid one. */
  near(code: OutfitCode): OutfitCode {
    const { kit, hasWay } = this.problem;
    const kind = this.random();
    if (hasWay && kind < SWITCH_SHARE) {
      const place = kit.length + Math.floor(this.random() * SWITCHES);
      return withPlacement(code, [place, 1 - code[place]!]);
    }
    if (hasWay && kind < SWITCH_SHARE + BOOTS_SHARE) return this.otherBootsOnWay(code);
    if (kind < SWITCH_SHARE + BOOTS_SHARE + SWAP_SHARE) return this.swapped(code);
    const index = this.oneOf(this.placed);
    if (index === undefined) return code;
    if (code[index]! > 0 && this.random() < HOME_SHARE)
      return this.followBoots(withPlacement(code, [index, PLACEMENT.home]));
    return this.put(code, index);
  }

  /** An outfit with one part of the body dressed as another outfit dresses it; not always a valid one. */
  crossed(code: OutfitCode, other: OutfitCode): OutfitCode {
    const lane = this.oneOf(this.lanes);
    if (!lane) return code;
    const own = code.slice();
    for (const index of lane) own[index] = other[index]!;
    return this.followBoots(own);
  }

  /** A piece on, at one of its places; what it cannot be worn with stays at home. */
  private put(code: OutfitCode, index: number, without: number | null = null): OutfitCode {
    const placement = this.oneOf(this.onAtSeat[index]!);
    if (placement === undefined) return code;
    const own = code.slice();
    if (without !== null) own[without] = PLACEMENT.home;
    const inTheWay = this.problem.rules.conflictsWith(own, index, placement);
    const crowded = this.crowdingOut(own, index);
    for (const other of inTheWay) own[other] = PLACEMENT.home;
    if (crowded !== undefined) own[crowded] = PLACEMENT.home;
    own[index] = placement;
    return this.followBoots(own);
  }

  /** What stays at home for a piece that needs its room, now and then. */
  private crowdingOut(code: OutfitCode, index: number): number | undefined {
    if (this.crowding[index]!.length === 0 || this.random() >= ROOM_SHARE) return undefined;
    return this.oneWhere(this.crowding[index]!, (own) => code[own]! > 0);
  }

  /** One piece for another of its kind. */
  private swapped(code: OutfitCode): OutfitCode {
    const from = this.oneWhere(this.placed, (index) => code[index]! > 0);
    if (from === undefined) return code;
    const to = this.oneWhere(this.sameKind[from]!, (other) => code[other] === PLACEMENT.home);
    return to === undefined ? code : this.put(code, to, from);
  }

  /** Light shoes for the way and these boots carried, or the boots worn all along again. */
  private otherBootsOnWay(code: OutfitCode): OutfitCode {
    const { placements } = this.problem;
    const boots = this.footwear.find((index) => code[index] === PLACEMENT.start || code[index] === PLACEMENT.seat);
    if (boots === undefined) return code;
    const light = this.footwear.find((index) => code[index] === PLACEMENT.way);
    if (light !== undefined)
      return this.followBoots(withPlacement(code, [light, PLACEMENT.home], [boots, PLACEMENT.start]));
    const chosen = this.oneOf(
      this.footwear.filter((index) => index !== boots && placements[index]!.includes(PLACEMENT.way)),
    );
    return chosen === undefined
      ? code
      : this.followBoots(withPlacement(code, [chosen, PLACEMENT.way], [boots, PLACEMENT.seat]));
  }

  /** Liners and footbeds lie in the boots of the seat: they go where those go, and stay at home without any. */
  private followBoots(code: OutfitCode): OutfitCode {
    const boots = this.footwear.find((index) => code[index]! > 0 && code[index] !== PLACEMENT.way);
    const placement = boots === undefined ? PLACEMENT.home : code[boots]!;
    for (const index of this.inBoots) if (code[index]! > 0) code[index] = placement;
    return code;
  }
}
