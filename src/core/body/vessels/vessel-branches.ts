import { CENTRAL_BLOOD_NODE, SEGMENT_NODES, UPSTREAM_INDEX } from "../nodes";
import { SEGMENT_COUNT } from "../segments";

/** Segment upstream; SEGMENT_COUNT is the central pool. */
export const UPSTREAM_PLACE = Int32Array.from(UPSTREAM_INDEX, (upstream) => (upstream < 0 ? SEGMENT_COUNT : upstream));
/** Node of the artery that feeds a segment. */
export const FEEDING_ARTERY = Int32Array.from(
  UPSTREAM_INDEX,
  (upstream) => SEGMENT_NODES[upstream]?.artery ?? CENTRAL_BLOOD_NODE,
);
/** 1 where the segment upstream has a superficial vein; else such blood joins the deep vein there. */
export const JOINS_SUPERFICIAL_VEIN = Uint8Array.from(UPSTREAM_INDEX, (upstream) =>
  (SEGMENT_NODES[upstream]?.superficialVein ?? -1) >= 0 ? 1 : 0,
);
/** Segments whose artery leaves the central pool. */
export const FROM_CENTRAL = Int32Array.from(
  [...UPSTREAM_INDEX.keys()].filter((segment) => UPSTREAM_INDEX[segment]! < 0),
);
