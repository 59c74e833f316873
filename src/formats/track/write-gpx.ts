import type { TrackPoint } from "@/core/track";

const ESCAPES: Readonly<Record<string, string>> = {
  "&": "&amp;",
  "<": "&lt;",
  ">": "&gt;",
  '"': "&quot;",
  "'": "&apos;",
};
/** Letters XML 1.0 does not know at all. */
const NOT_XML = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g;
const escaped = (text: string): string => text.replace(NOT_XML, "").replace(/[&<>"']/g, (letter) => ESCAPES[letter]!);

const elevation = (height: number | null): string => (height === null ? "" : `<ele>${height}</ele>`);

/** A place with the way to it. */
export type PlaceAndTrack = {
  readonly name: string;
  readonly place: readonly [latitudeDeg: number, longitudeDeg: number] | null;
  readonly track: readonly TrackPoint[];
};

/** A place and the way to it as GPX 1.1: a waypoint and a track. */
export function writeGpx({ name, place, track }: PlaceAndTrack): string {
  const points = track.map(
    ([latitude, longitude, height]) => `<trkpt lat="${latitude}" lon="${longitude}">${elevation(height)}</trkpt>`,
  );
  const lines = [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<gpx version="1.1" creator="umiak" xmlns="http://www.topografix.com/GPX/1/1">',
    ...(place ? [`<wpt lat="${place[0]}" lon="${place[1]}"><name>${escaped(name)}</name></wpt>`] : []),
    ...(points.length > 0 ? [`<trk><name>${escaped(name)}</name><trkseg>`, ...points, "</trkseg></trk>"] : []),
    "</gpx>",
  ];
  return `${lines.join("\n")}\n`;
}
