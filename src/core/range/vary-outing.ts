import { readLabel, type Label } from "../labels";
import { changeMinutes, type Doing, type Outing, type Phase } from "../outing";
import type { Variation } from "./variation";

/** A label misread by so many standard deviations: all its panels together, as layers that are taken as they are. */
function misread(label: Label, deviations: number): Label {
  const panels = readLabel(label).map((reading) => {
    const { patch, side, layers, insulationM2KPerW, spreadM2KPerW, coverShare, part } = reading;
    const factor = insulationM2KPerW > 0 ? 1 + (deviations * spreadM2KPerW) / insulationM2KPerW : 1;
    return {
      patches: [patch],
      side,
      coverShare,
      part: part ?? undefined,
      layers: layers.map((layer) => ({ ...layer, insulationM2KPerW: layer.insulationM2KPerW * factor })),
    };
  });
  return { kind: "explicit", panels };
}

const isWalked = ({ walkSpeedMPerS, effort }: Doing): boolean => walkSpeedMPerS > 0 || effort?.kind === "walk";
const isWay = ({ kind }: Phase): boolean => kind === "walkIn" || kind === "walkOut";

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
    phases: outing.phases.map((phase) => ({
      ...phase,
      effortFactor: isWay(phase) || isWalked(phase) ? walkEffortFactor : undefined,
      recurring: phase.recurring?.map((doing) =>
        isWalked(doing) ? { ...doing, effortFactor: walkEffortFactor } : doing,
      ),
    })),
    pieces: outing.pieces.map((piece) => ({
      ...piece,
      changeMinutes: changeMinutes(piece), // layers as they are no longer tell what is next to the skin
      label: misread(piece.label, labelDeviation.get(piece.id) ?? 0),
    })),
  };
}
