import { gpx } from "@tmcw/togeojson";
import type { Position } from "../position/read-position";

/** The first waypoint of a GPX file; `null` where it holds none. */
export function waypointOfGpx(document: Document): Position | null {
  for (const { geometry } of gpx(document).features) {
    if (geometry?.type !== "Point") continue;
    const [longitudeDeg, latitudeDeg] = geometry.coordinates;
    if (latitudeDeg === undefined || longitudeDeg === undefined) continue;
    if (Math.abs(latitudeDeg) <= 90 && Math.abs(longitudeDeg) <= 180) return { latitudeDeg, longitudeDeg };
  }
  return null;
}
