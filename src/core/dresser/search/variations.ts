import type { RandomStream } from "../../numeric";
import { LANES, laneOf, type LaneName } from "../../pieces";
import type { DresserProblem } from "../outfit/dresser-problem";
import { PLACEMENT, SWITCHES, type OutfitCode } from "../outfit/outfit-code";

/** How often which kind of change is drawn; the rest changes one piece (assumptions). */
const SWAP_SHARE = 0.35;
const SWITCH_SHARE = 0.05;
const BOOTS_SHARE = 0.05;
/** Of one piece: how often it is left at home. */
const HOME_SHARE = 0.4;
/** In boots and gloves there is room for little: how often something else there stays at home for what is put on. */
const ROOM_SHARE = 0.3;
/** About one in five pieces is on: so many draws hardly ever miss (assumption). */
const DRAWS_FOR_WORN = 16;
const ROOM_IS_SHORT: readonly LaneName[] = ["Feet", "Hands"];

/**
 * Draws outfits near others: a piece less, a piece more, one for another, one placed otherwise, a switch turned. Outfits are
 * changed where they lie: some hundred thousand are thought of, and few of them kept.
 */
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

  /** One of the pieces that are on. */
  private oneWorn(code: OutfitCode): number | undefined {
    // Drawn among all until one is on: sooner than counting those that are.
    for (let draw = 0; draw < DRAWS_FOR_WORN; draw++) {
      const index = this.oneOf(this.placed);
      if (index !== undefined && code[index]! > 0) return index;
    }
    return this.oneWhere(this.placed, (index) => code[index]! > 0);
  }

  /** Makes an outfit one change away; not always a valid one. */
  change(code: OutfitCode): void {
    const { kit, hasWay } = this.problem;
    const kind = this.random();
    if (hasWay && kind < SWITCH_SHARE) {
      const place = kit.length + Math.floor(this.random() * SWITCHES);
      code[place] = 1 - code[place]!;
      return;
    }
    if (hasWay && kind < SWITCH_SHARE + BOOTS_SHARE) return this.changeBootsOnWay(code);
    if (kind < SWITCH_SHARE + BOOTS_SHARE + SWAP_SHARE) return this.swap(code);
    const index = this.oneOf(this.placed);
    if (index === undefined) return;
    if (code[index]! > 0 && this.random() < HOME_SHARE) {
      code[index] = PLACEMENT.home;
      return this.followBoots(code);
    }
    this.put(code, index);
  }

  /** Dresses one part of the body as another outfit dresses it; what comes of it is not always valid. */
  cross(code: OutfitCode, other: OutfitCode): void {
    const lane = this.oneOf(this.lanes);
    if (!lane) return;
    for (const index of lane) code[index] = other[index]!;
    this.followBoots(code);
    this.makeRoom(code, lane);
  }

  /** Puts a piece on, at one of its places; what it cannot be worn with stays at home. */
  private put(code: OutfitCode, index: number, without: number | null = null): void {
    const placement = this.oneOf(this.onAtSeat[index]!);
    if (placement === undefined) return;
    if (without !== null) code[without] = PLACEMENT.home;
    const inTheWay = this.problem.rules.conflictsWith(code, index, placement);
    const crowded = this.crowdingOut(code, index);
    for (const other of inTheWay) code[other] = PLACEMENT.home;
    if (crowded !== undefined) code[crowded] = PLACEMENT.home;
    code[index] = placement;
    this.followBoots(code);
    this.makeRoom(code, [index]);
  }

  /**
   * Leaves at home what has no room beside some pieces: a second pair of socks takes the room of long underwear in the boots.
   * Change by change nobody would come there, as every outfit between is squeezed.
   */
  private makeRoom(code: OutfitCode, kept: readonly number[]): void {
    const { room } = this.problem.rules;
    if (!kept.some((index) => room.concerns(index))) return;
    for (;;) {
      const leaves = this.oneWhere(room.squeezed(code), (index) => !kept.includes(index));
      if (leaves === undefined) return;
      code[leaves] = PLACEMENT.home;
    }
  }

  /** What stays at home for a piece that needs its room, now and then. */
  private crowdingOut(code: OutfitCode, index: number): number | undefined {
    if (this.crowding[index]!.length === 0 || this.random() >= ROOM_SHARE) return undefined;
    return this.oneWhere(this.crowding[index]!, (own) => code[own]! > 0);
  }

  /** One piece for another of its kind. */
  private swap(code: OutfitCode): void {
    const from = this.oneWorn(code);
    if (from === undefined) return;
    const to = this.oneWhere(this.sameKind[from]!, (other) => code[other] === PLACEMENT.home);
    if (to !== undefined) this.put(code, to, from);
  }

  /** Light shoes for the way and these boots carried, or the boots worn all along again. */
  private changeBootsOnWay(code: OutfitCode): void {
    const { placements } = this.problem;
    const boots = this.footwear.find((index) => code[index] === PLACEMENT.start || code[index] === PLACEMENT.seat);
    if (boots === undefined) return;
    const light = this.footwear.find((index) => code[index] === PLACEMENT.way);
    if (light !== undefined) {
      code[light] = PLACEMENT.home;
      code[boots] = PLACEMENT.start;
      return this.followBoots(code);
    }
    const chosen = this.oneOf(
      this.footwear.filter((index) => index !== boots && placements[index]!.includes(PLACEMENT.way)),
    );
    if (chosen === undefined) return;
    code[chosen] = PLACEMENT.way;
    code[boots] = PLACEMENT.seat;
    this.followBoots(code);
  }

  /** Liners and footbeds lie in the boots of the seat: they go where those go, and stay at home without any. */
  private followBoots(code: OutfitCode): void {
    const boots = this.footwear.find((index) => code[index]! > 0 && code[index] !== PLACEMENT.way);
    const placement = boots === undefined ? PLACEMENT.home : code[boots]!;
    for (const index of this.inBoots) if (code[index]! > 0) code[index] = placement;
  }
}
