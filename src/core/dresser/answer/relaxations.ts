import { genericAdditions, heatIn, withWalks } from "../../changes";
import { coveredPatches } from "../../labels";
import { pieceOfStarter } from "../../morning";
import type { Piece } from "../../pieces";
import { starterPiece } from "../../starter-kit";
import type { Outing } from "../../outing";
import type { Shelter } from "../../weather";
import { countedOn, type CloseLook, type CloseLooks } from "./close-look";
import type { DresserProblem } from "../outfit/dresser-problem";

/** What could be given up, or got, so that the sit lasts as wished. */
export type Relaxation = {
  readonly kind: "lessTime" | "walk" | "outOfWind" | "generic";
  /** The generic piece; `null` for others. */
  readonly pieceName: string | null;
  /** Minutes that the outfit is counted on for with it. */
  readonly minutes: number;
  readonly gainedMinutes: number;
  /** Whether it makes the outfit last as long as is wanted, by what it is counted on. */
  readonly isEnough: boolean;
};

/** Half an hour less. */
const LESS_MINUTES = 30;
/** A break by the walk, every so many minutes. */
const WALK_EVERY_MINUTES = 40;
/** Out of the wind: at the edge of a wood, or in it. */
const SHELTERED: Partial<Record<Shelter, Shelter>> = { openIce: "hide", shore: "edgeOfWood", edgeOfWood: "insideWood" };

const TOE_PACKS = pieceOfStarter(starterPiece("toePacks"), "generic toe packs");
const heatsToes = ({ heat, label }: Piece): boolean => heat !== undefined && coveredPatches(label).includes("toes");

/** With packs in the boots, where nothing warms the toes yet. */
const withToePacks = (outing: Outing): Outing[] =>
  outing.pieces.some(heatsToes) ? [] : [heatIn(outing, TOE_PACKS, TOE_PACKS.heat!).apply(outing)];

/**
 * What would let the longest-lasting outfit last as wished: each simulated in a small range, what is enough and gains most
 * first.
 * @throws {CoreError} as `simulateOuting` does
 */
export function relaxationsOf(
  problem: DresserProblem,
  looks: CloseLooks,
  look: CloseLook,
  wantedMinutes: number,
): Relaxation[] {
  const { sureShare } = problem.wishes;
  const outing = problem.outings.outingIn(look.code);
  const before = countedOn(look, sureShare).minutes;
  const tried = (kind: Relaxation["kind"], plan: Outing, pieceName: string | null = null): Relaxation => {
    const counted = countedOn(looks.rangeIn(plan, look.sit), sureShare);
    const isEnough = counted.kind === "longerThan" || counted.minutes >= wantedMinutes;
    return { kind, pieceName, minutes: counted.minutes, gainedMinutes: counted.minutes - before, isEnough };
  };
  const sheltered = SHELTERED[outing.place.shelter];
  const relaxations: Relaxation[] = [
    {
      kind: "lessTime",
      pieceName: null,
      minutes: before,
      gainedMinutes: 0,
      isEnough: before >= wantedMinutes - LESS_MINUTES,
    },
    tried("walk", withWalks(outing, WALK_EVERY_MINUTES)),
    ...(sheltered ? [tried("outOfWind", { ...outing, place: { ...outing.place, shelter: sheltered } })] : []),
    ...genericAdditions(outing).map(({ piece, plan }) => tried("generic", plan, piece.name)),
    ...withToePacks(outing).map((plan) => tried("generic", plan, TOE_PACKS.name)),
  ];
  return relaxations
    .filter(({ isEnough, gainedMinutes }) => isEnough || gainedMinutes > 0)
    .sort((one, other) => Number(other.isEnough) - Number(one.isEnough) || other.gainedMinutes - one.gainedMinutes);
}
