import { DOMParser } from "@xmldom/xmldom";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { TrackPoint } from "@/core/track";
import { readGpx } from "./read-gpx";
import { writeGpx } from "./write-gpx";

const parsed = (text: string) => readGpx(new DOMParser().parseFromString(text, "text/xml") as unknown as Document);
const track = (points: string): string =>
  `<gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1"><trk><name>Way</name>${points}</trk></gpx>`;

describe("reading GPX", () => {
  it("joins the parts of a track, with heights where they are told", () => {
    const read = parsed(
      track(
        '<trkseg><trkpt lat="62" lon="11"><ele>400</ele></trkpt><trkpt lat="62.01" lon="11"/></trkseg><trkseg><trkpt lat="62.02" lon="11.5"><ele>420.5</ele></trkpt><trkpt lat="62.03" lon="11.5"><ele>421</ele></trkpt></trkseg>',
      ),
    );
    expect(read).toMatchObject({ ok: true, name: "Way" });
    expect(read.ok && read.points.map(([latitude]) => latitude)).toEqual([62, 62.01, 62.02, 62.03]);
    expect(read.ok && read.points.at(-1)).toEqual([62.03, 11.5, 421]);
  });

  it("takes a route where there is no track", () => {
    const read = parsed(
      '<gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1"><rte><rtept lat="1" lon="2"/><rtept lat="1.1" lon="2"/></rte></gpx>',
    );
    expect(read.ok && read.points).toEqual([
      [1, 2, null],
      [1.1, 2, null],
    ]);
  });

  it("tells what is left out and what is guessed: heights of no place, gaps, a second track", () => {
    const point = (lat: number, ele: number): string => `<trkpt lat="${lat}" lon="11"><ele>${ele}</ele></trkpt>`;
    const segments = `<trkseg>${point(62, -32768)}${point(62.001, 400)}</trkseg><trkseg>${point(62.1, 410)}${point(62.101, -9999)}</trkseg>`;
    const read = parsed(
      track(segments).replace("</gpx>", `<trk><trkseg>${point(1, 1)}${point(2, 1)}</trkseg></trk></gpx>`),
    );
    if (!read.ok) throw new Error(read.reason);
    expect(read.points.map(([, , height]) => height)).toEqual([null, 400, 410, null]);
    expect(read.notes.join(" ")).toMatch(/2 tracks.*breaks off 1 times, 110\d\d m.*2 points/);
  });

  it("says why a file cannot be used", () => {
    const reason = (text: string): string => {
      const read = parsed(text);
      return read.ok ? "" : read.reason;
    };
    expect(reason("<html><body/></html>")).toMatch(/no track/);
    expect(reason(track('<trkseg><trkpt lat="162" lon="11"/><trkpt lat="62" lon="11"/></trkseg>'))).toMatch(
      /not on earth/,
    );
    expect(reason('<gpx xmlns="http://www.topografix.com/GPX/1/1"><wpt lat="1" lon="2"/></gpx>')).toMatch(
      /waypoints alone/,
    );
  });
});

describe("writing GPX", () => {
  const coordinate = (most: number) => fc.integer({ min: -most * 1e5, max: most * 1e5 }).map((value) => value / 1e5);
  const point = fc.tuple(coordinate(90), coordinate(180), fc.option(fc.integer({ min: -400, max: 9000 })));

  it("is read back by another's parser as it was, whatever the name", () => {
    fc.assert(
      fc.property(fc.string({ unit: "grapheme" }), fc.array(point, { minLength: 2, maxLength: 20 }), (name, points) => {
        const read = parsed(writeGpx({ name: `a${name}`, place: [62, 11], track: points as TrackPoint[] }));
        expect(read.ok && read.points).toEqual(points);
      }),
    );
  });

  it("holds the place alone where no way is known", () => {
    const text = writeGpx({ name: "Hide <A> & B", place: [62, 11], track: [] });
    expect(text).toContain("<name>Hide &lt;A&gt; &amp; B</name>");
    expect(text).not.toContain("<trk>");
  });
});
