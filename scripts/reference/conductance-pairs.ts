import { SEGMENT_NODES, type BodyParameters } from "@/core/body";

export type ConductancePair = { readonly from: number; readonly to: number; readonly conductanceWPerK: number };

/** The conductances of a body as pairs of our nodes, the way the published parameter table lists them. */
export const conductancePairs = ({ conductances }: BodyParameters): ConductancePair[] =>
  SEGMENT_NODES.flatMap((nodes, segment) => {
    const inner = nodes.fat >= 0 ? nodes.fat : nodes.core;
    const link = (from: number, to: number, values: Float64Array): ConductancePair => ({
      from,
      to,
      conductanceWPerK: values[segment]!,
    });
    return [
      link(nodes.artery, nodes.vein, conductances.arteryVein),
      link(nodes.artery, nodes.core, conductances.arteryCore),
      link(nodes.vein, nodes.core, conductances.veinCore),
      link(nodes.superficialVein, nodes.skin, conductances.superficialSkin),
      link(inner, nodes.skin, conductances.skinInner),
      link(nodes.muscle, nodes.fat, conductances.muscleFat),
      link(nodes.core, nodes.muscle, conductances.coreMuscle),
    ].filter(({ conductanceWPerK }) => conductanceWPerK > 0);
  });
