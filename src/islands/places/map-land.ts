import * as m from "@/messages";
import { geoBounds } from "d3-geo";
import { feature } from "topojson-client";
import type { GeometryCollection, Topology } from "topojson-specification";
import coarse from "world-atlas/land-110m.json?url";
import fine from "world-atlas/land-50m.json?url";

// Coasts of the world (public domain, 1 : 110 million and 1 : 50 million), served with the program.

/** One island or continent, with the corners of the box it lies in: what is out of sight is not drawn. */
export type LandPart = {
  readonly geometry: { readonly type: "Polygon"; readonly coordinates: number[][][] };
  readonly west: number;
  readonly south: number;
  readonly east: number;
  readonly north: number;
};

async function load(url: string): Promise<readonly LandPart[]> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(m.theMapAnswered({ status: response.status }));
  const topology = (await response.json()) as Topology<{ land: GeometryCollection }>;
  const land = feature(topology, topology.objects.land);
  return land.features.flatMap(({ geometry }) => {
    const parts =
      geometry.type === "MultiPolygon"
        ? geometry.coordinates
        : geometry.type === "Polygon"
          ? [geometry.coordinates]
          : [];
    return parts.map((coordinates) => {
      const polygon = { type: "Polygon" as const, coordinates };
      const [[west, south], [east, north]] = geoBounds(polygon);
      return { geometry: polygon, west, south, east, north };
    });
  });
}

const loaded = new Map<string, Promise<readonly LandPart[]>>();

/** Land as coarse or as fine as a zoom needs it; fetched once. */
export function landFor(detail: "coarse" | "fine"): Promise<readonly LandPart[]> {
  const url = detail === "fine" ? fine : coarse;
  const known = loaded.get(url) ?? load(url);
  loaded.set(url, known);
  known.catch(() => loaded.delete(url)); // the next one asks again
  return known;
}
