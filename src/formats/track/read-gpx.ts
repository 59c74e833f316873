import { gpx } from "@tmcw/togeojson";
import type { TrackPoint } from "@/core/track";

/** What a file holds of a way, or why it cannot be used. */
export type ReadTrack =
  | { readonly ok: true; readonly points: readonly TrackPoint[]; readonly name: string | null }
  | { readonly ok: false; readonly reason: string };

const refuse = (reason: string): ReadTrack => ({ ok: false, reason });
const isLatitude = (value: number): boolean => Math.abs(value) <= 90;
const isLongitude = (value: number): boolean => Math.abs(value) <= 180;

function pointOf(position: readonly number[]): TrackPoint | null {
  const [longitude, latitude, elevation] = position;
  if (longitude === undefined || latitude === undefined) return null;
  if (!isLatitude(latitude) || !isLongitude(longitude)) return null;
  return [latitude, longitude, elevation !== undefined && Number.isFinite(elevation) ? elevation : null];
}

type Position = readonly number[];
/** Of what the package answers, what is looked at. */
type Feature = {
  readonly geometry:
    | { readonly type: "LineString"; readonly coordinates: readonly Position[] }
    | { readonly type: "MultiLineString"; readonly coordinates: readonly (readonly Position[])[] }
    | { readonly type: "Point" }
    | null;
  readonly properties: Readonly<Record<string, unknown>> | null;
};

/** Positions of a line, its parts joined; `null` for what is no line. */
function positionsOf({ geometry }: Feature): readonly Position[] | null {
  if (geometry?.type === "LineString") return geometry.coordinates;
  return geometry?.type === "MultiLineString" ? geometry.coordinates.flat() : null;
}

/**
 * Reads the first track or route of a GPX document; parts of a track are joined in their order.
 * @param document the parsed file: browsers and servers each have a parser of their own
 * @source GPX 1.1, by the package togeojson
 */
export function readGpx(document: Document): ReadTrack {
  let features: readonly Feature[];
  try {
    ({ features } = gpx(document) as unknown as { features: readonly Feature[] });
  } catch {
    return refuse("is not GPX: save the track as GPX and try again");
  }
  const line = features.find((feature) => positionsOf(feature) !== null);
  const positions = line && positionsOf(line);
  if (!positions) return refuse("holds no track and no route: waypoints alone tell no way");
  const points = positions.map(pointOf);
  if (points.some((point) => point === null)) return refuse("names places that are not on earth");
  const known = points as TrackPoint[];
  const name = line?.properties?.["name"];
  return known.length < 2
    ? refuse("holds a single point: a way needs two")
    : { ok: true, points: known, name: typeof name === "string" ? name : null };
}
