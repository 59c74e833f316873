import { genericAdditions, heatIn } from "../changes";
import { coveredPatches } from "../labels";
import { pieceOfStarter } from "../morning";
import type { Piece } from "../pieces";
import { starterPiece } from "../starter-kit";
import type { Outing, Recurring } from "../outing";
import type { Shelter } from "../weather";
import { natureOf, simulateSitMinutes } from "../simulation";
import { leastMinutesStill } from "../limits";
import type { CloseLook } from "./close-look";
import type { DresserProblem } from "./dresser-problem";

/** What could be given up, or got, so that the sit lasts as wished. */
export type Relaxation = {
  readonly kind: "lessTime" | "walk" | "outOfWind" | "generic";
  /** The generic piece; `null` for others. */
  readonly pieceName: string | null;
  /** Minutes still with it, as the single run has them. */
  readonly minutes: number;
  readonly gainedMinutes: number;
  /** Whether it makes the outfit last as long as is wanted, by what it is counted on. */
  readonly isEnough: boolean;
};

/** Half an hour less. */
const LESS_MINUTES = 30;
/** A break by the walk, every forty minutes: easy, near the seat. */
const WALK: Recurring = {
  kind: "break",
  minutes: 5,
  everyMinutes: 40,
  firstAfterMinutes: 35,
  posture: "standing",
  activityRatio: 3,
  walkSpeedMPerS: 0.9,
};
/** Out of the wind: at the edge of a wood, or in it. */
const SHELTERED: Partial<Record<Shelter, Shelter>> = { openIce: "hide", shore: "edgeOfWood", edgeOfWood: "insideWood" };

const withWalks = (outing: Outing): Outing => ({
  ...outing,
  phases: outing.phases.map((phase) =>
    phase.kind === "sit" ? { ...phase, recurring: [...(phase.recurring ?? []), WALK] } : phase,
  ),
});

const TOE_PACKS = pieceOfStarter(starterPiece("toePacks"), "generic toe packs");
const heatsToes = ({ heat, label }: Piece): boolean => heat !== undefined && coveredPatches(label).includes("toes");

/** With packs in the boots, where nothing warms the toes yet. */
const withToePacks = (outing: Outing): Outing[] =>
  outing.pieces.some(heatsToes) ? [] : [heatIn(outing, TOE_PACKS, TOE_PACKS.heat!).apply(outing)];

/**
 * What would let the longest-lasting outfit last as wished: each simulated, what gains most first.
 * @param countedMinutes what the outfit is counted on for
 * @throws {CoreError} as `simulateOuting` does
 */
export function relaxationsOf(
  problem: DresserProblem,
  look: CloseLook,
  countedMinutes: number,
  wantedMinutes: number,
): Relaxation[] {
  const outing = problem.outings.outingIn(look.code);
  const ratio = look.minutesStill > 0 ? countedMinutes / look.minutesStill : 1;
  const minutesOf = (plan: Outing): number =>
    leastMinutesStill(simulateSitMinutes(plan, { nature: natureOf(plan.person) }).sits[look.sit]!);
  const tried = (kind: Relaxation["kind"], plan: Outing, pieceName: string | null = null): Relaxation => {
    const minutes = minutesOf(plan);
    return {
      kind,
      pieceName,
      minutes,
      gainedMinutes: minutes - look.minutesStill,
      isEnough: minutes * ratio >= wantedMinutes,
    };
  };
  const sheltered = SHELTERED[outing.place.shelter];
  return [
    {
      kind: "lessTime" as const,
      pieceName: null,
      minutes: look.minutesStill,
      gainedMinutes: 0,
      isEnough: countedMinutes >= wantedMinutes - LESS_MINUTES,
    },
    tried("walk", withWalks(outing)),
    ...(sheltered ? [tried("outOfWind", { ...outing, place: { ...outing.place, shelter: sheltered } })] : []),
    ...genericAdditions(outing).map(({ piece, plan }) => tried("generic", plan, piece.name)),
    ...withToePacks(outing).map((plan) => tried("generic", plan, TOE_PACKS.name)),
  ]
    .filter(({ isEnough, gainedMinutes }) => isEnough || gainedMinutes > 0)
    .sort((one, other) => Number(other.isEnough) - Number(one.isEnough) || other.gainedMinutes - one.gainedMinutes);
}
