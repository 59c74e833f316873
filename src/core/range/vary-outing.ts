import { readLabel, type Label } from "../labels";
import type { Outing, Phase } from "../outing";
import type { Variation } from "./variation";

/** A label misread by so many standard deviations: all its panels together, as layers that are taken as they are. */
function misread(label: Label, deviations: number): Label {
  const panels = readLabel(label).map(({ patch, side, layers, insulationM2KPerW, spreadM2KPerW }) => {
    const factor = insulationM2KPerW > 0 ? 1 + (deviations * spreadM2KPerW) / insulationM2KPerW : 1;
    return {
      patches: [patch],
      side,
      layers: layers.map((layer) => ({ ...layer, insulationM2KPerW: layer.insulationM2KPerW * factor })),
    };
  });
  return { kind: "explicit", panels };
}

const isWalked = ({ kind, walkSpeedMPerS }: Phase): boolean =>
  kind === "walkIn" || kind === "walkOut" || walkSpeedMPerS > 0;

/** The outing as it would be in one variation. */
export function varyOuting(outing: Outing, variation: Variation): Outing {
  const { airOffsetK, windFactor, walkEffortFactor, labelDeviation } = variation;
  return {
    ...outing,
    weather: outing.weather.map((hour) => ({
      ...hour,
      airTemperatureC: hour.airTemperatureC + airOffsetK,
      radiantTemperatureC: hour.radiantTemperatureC === null ? null : hour.radiantTemperatureC + airOffsetK,
      windMPerS: hour.windMPerS * windFactor,
    })),
    phases: outing.phases.map((phase) =>
      isWalked(phase) ? { ...phase, activityRatio: 1 + (phase.activityRatio - 1) * walkEffortFactor } : phase,
    ),
    pieces: outing.pieces.map((piece) => ({
      ...piece,
      label: misread(piece.label, labelDeviation.get(piece.id) ?? 0),
    })),
  };
}
