import { FACE_PERMEABILITY_L_PER_M2S, readLabel } from "../labels";
import { usualWearing } from "../dressing";
import { WATER_RESISTANCE, type Piece } from "../pieces";
import type { Outing } from "../outing";

// What nobody would do in this weather is not offered, however many minutes it gains in the computation.

/** Rain or wet snow: what falls at about freezing and above (assumption). */
const WET_FROM_C = -1.5;
/** What keeps a wearer dry in rain, by WATER_RESISTANCE; where it is not said, by the outer face. */
const SHEDS_FROM = WATER_RESISTANCE.length - 2;

/** Whether rain or wet snow falls at some hour of the outing. */
export const isWetDay = ({ weather }: Pick<Outing, "weather">): boolean =>
  weather.some(({ precipitationMm, airTemperatureC }) => (precipitationMm ?? 0) > 0 && airTemperatureC >= WET_FROM_C);

const tightest = ({ label }: Piece): number =>
  Math.min(
    ...readLabel(label).flatMap(({ layers }) => layers.map(({ airPermeabilityLPerM2S }) => airPermeabilityLPerM2S)),
  );

/** Whether a piece keeps rain out. */
export const shedsRain = (piece: Piece): boolean =>
  piece.waterResistance === undefined
    ? tightest(piece) <= FACE_PERMEABILITY_L_PER_M2S.membrane
    : piece.waterResistance >= SHEDS_FROM;

export const holdsDown = ({ label }: Piece): boolean =>
  label.kind === "panels" && label.panels.some(({ materials }) => materials.some(({ kind }) => kind === "down"));

/** Whether both lie in the same place of the stack: a parka stands in for no base layer. */
export const liesAlike = (one: Piece, other: Piece): boolean => usualWearing(one).rank === usualWearing(other).rank;

/** Whether a piece may stand in for another on such a day: what keeps rain out is not given up in rain. */
export const standsInOn = (outing: Pick<Outing, "weather">, fresh: Piece, worn: Piece): boolean =>
  !isWetDay(outing) || !shedsRain(worn) || shedsRain(fresh);

/** Whether a piece may be put on over all else on such a day: nobody wears down outermost in rain. */
export const mayLieOutermost = (outing: Pick<Outing, "weather">, piece: Piece): boolean =>
  !isWetDay(outing) || !holdsDown(piece) || shedsRain(piece);
