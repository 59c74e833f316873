import * as m from "@/messages";
import { gpx } from "@tmcw/togeojson";
import { distanceM, type TrackPoint } from "@/core/track";

/** What a file holds of a way, or why it cannot be used. */
export type ReadTrack =
  | {
      readonly ok: true;
      readonly points: readonly TrackPoint[];
      readonly name: string | null;
      /** How it was understood, where that is not plain. */
      readonly notes: readonly string[];
    }
  | { readonly ok: false; readonly reason: string };

const refuse = (reason: string): ReadTrack => ({ ok: false, reason });
const isLatitude = (value: number): boolean => Math.abs(value) <= 90;
const isLongitude = (value: number): boolean => Math.abs(value) <= 180;

/** Heights there are on earth, m, with room for a receiver's error; what lies outside stands for "not known". */
const HEIGHTS_M = [-500, 9000] as const;
const isHeight = (value: number | undefined): value is number =>
  value !== undefined && value >= HEIGHTS_M[0] && value <= HEIGHTS_M[1];
/** Between parts of a track, and farther than a receiver usually leaves out, m (assumption). */
const GAP_M = 200;

function pointOf(position: readonly number[]): TrackPoint | null {
  const [longitude, latitude, elevation] = position;
  if (longitude === undefined || latitude === undefined) return null;
  if (!isLatitude(latitude) || !isLongitude(longitude)) return null;
  return [latitude, longitude, isHeight(elevation) ? elevation : null];
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

/** Positions of a line, part by part; `null` for what is no line. */
function partsOf({ geometry }: Feature): readonly (readonly Position[])[] | null {
  if (geometry?.type === "LineString") return [geometry.coordinates];
  return geometry?.type === "MultiLineString" ? geometry.coordinates : null;
}

/** Where the points of one part end and those of the next begin somewhere else. */
function gapNote(parts: readonly (readonly TrackPoint[])[]): string[] {
  const gaps = parts.slice(1).map((part, index) => distanceM(parts[index]!.at(-1)!, part[0]!));
  const wide = gaps.filter((gap) => gap > GAP_M);
  if (wide.length === 0) return [];
  const most = Math.round(Math.max(...wide));
  return [m.theTrackBreaksOffTimesM({ length: wide.length, most })];
}

/**
 * Reads the first track or route of a GPX document; parts of a track are joined in their order. What is left out or had to
 * be guessed is told.
 * @param document the parsed file: browsers and servers each have a parser of their own
 * @source GPX 1.1, by the package togeojson
 */
export function readGpx(document: Document): ReadTrack {
  // A file that breaks off is told by the parser inside the document.
  if (document.getElementsByTagName("parsererror").length > 0) return refuse(m.breaksOffOrIsDamagedSave);
  let features: readonly Feature[];
  try {
    ({ features } = gpx(document) as unknown as { features: readonly Feature[] });
  } catch {
    return refuse(m.isNotGpxSaveTheTrack);
  }
  const lines = features.filter((feature) => partsOf(feature) !== null);
  const line = lines[0];
  if (!line) return refuse(m.holdsNoTrackAndNoRoute);
  const parts: TrackPoint[][] = [];
  for (const part of partsOf(line)!) {
    const points = part.map(pointOf);
    if (points.includes(null)) return refuse(m.namesPlacesThatAreNotOn);
    if (points.length > 0) parts.push(points as TrackPoint[]);
  }
  const points = parts.flat();
  if (points.length < 2) return refuse(m.holdsASinglePointAWay);
  const positions = partsOf(line)!.flat();
  const withoutHeight = positions.filter(([, , height]) => height !== undefined && !isHeight(height)).length;
  const name = line.properties?.["name"];
  return {
    ok: true,
    points,
    name: typeof name === "string" ? name : null,
    notes: [
      ...(lines.length > 1 ? [m.theFileHoldsTracksOrRoutes({ length: lines.length })] : []),
      ...gapNote(parts),
      ...(withoutHeight > 0 ? [m.pointsNameAHeightThatIs({ withoutHeight })] : []),
    ],
  };
}
