import { bodyParameters, type BodyPerson } from "../../body";
import { SITES } from "../../patches";

const known = new WeakMap<BodyPerson, Float64Array>();

/** Skin of each site of a person, m², in the order of SITES; a person never changes, so it is computed once. */
export function siteAreasM2(person: BodyPerson): Float64Array {
  const before = known.get(person);
  if (before) return before;
  const { skinAreaM2 } = bodyParameters(person);
  const areas = Float64Array.from(SITES, ({ segmentIndex, share }) => skinAreaM2[segmentIndex]! * share);
  known.set(person, areas);
  return areas;
}
