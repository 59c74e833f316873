import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { readEpw } from "./read-epw";

// Read against what pvlib's reader gives for the same files (tests/reference/epw, invented weather).

type Reference = {
  readonly meta: { city: string; latitude: number; longitude: number; TZ: number; altitude: number };
  readonly rows: readonly {
    at: string;
    temp_air: number;
    relative_humidity: number;
    wind_speed: number;
    total_sky_cover: number;
    liquid_precipitation_depth: number;
  }[];
};

const textOf = (name: string): string => readFileSync(`tests/reference/epw/${name}.epw`, "utf8");
const referenceOf = (name: string): Reference =>
  JSON.parse(readFileSync(`tests/reference/epw/${name}.read.json`, "utf8")) as Reference;

function read(text: string) {
  const found = readEpw(text);
  if (!found.ok) throw new Error(JSON.stringify(found.problems));
  return found;
}

describe("an EPW file", () => {
  it.each(["svartmyra", "far-west"])("reads as pvlib reads it: site, instants, values (%s)", (name) => {
    const { meta, rows } = referenceOf(name);
    const { weather } = read(textOf(name));
    expect(weather.site).toEqual({
      name: meta.city,
      latitudeDeg: meta.latitude,
      longitudeDeg: meta.longitude,
      altitudeM: meta.altitude,
      utcOffsetHours: meta.TZ,
    });
    const byInstant = new Map(weather.hours.map((hour) => [hour.atMs, hour]));
    let compared = 0;
    for (const row of rows) {
      const hour = byInstant.get(Date.parse(row.at));
      if (!hour) continue;
      if (row.temp_air < 99.9) expect(hour.airTemperatureC, row.at).toBe(row.temp_air);
      if (row.relative_humidity < 999) expect(hour.relativeHumidityPercent, row.at).toBe(row.relative_humidity);
      if (row.wind_speed < 999) expect(hour.windMPerS, row.at).toBe(row.wind_speed);
      expect(hour.cloudShare, row.at).toBe(row.total_sky_cover === 99 ? null : row.total_sky_cover / 10);
      expect(hour.precipitationMm, row.at).toBe(
        row.liquid_precipitation_depth === 999 ? null : row.liquid_precipitation_depth,
      );
      compared++;
    }
    expect(compared).toBe(weather.hours.length);
  });

  it("fills short gaps evenly, leaves long ones out, and tells both", () => {
    const { weather, notes } = read(textOf("svartmyra"));
    const { rows } = referenceOf("svartmyra");
    expect(rows[20]!.temp_air).toBe(99.9);
    const at20 = weather.hours.find(({ atMs }) => atMs === Date.parse(rows[20]!.at))!;
    expect(at20.airTemperatureC).toBeCloseTo((rows[19]!.temp_air + rows[21]!.temp_air) / 2, 9);
    expect(weather.hours.some(({ atMs }) => atMs === Date.parse(rows[44]!.at))).toBe(false); // nine hours without air
    expect(weather.hours).toHaveLength(rows.length - 9);
    expect(notes.map(({ reason }) => /\d+/.exec(reason)?.[0])).toEqual(["3", "9"]);
  });

  it("reads a typical year, made of months of many years, as one year", () => {
    // January of 2027 and, as its next month, the same days told as February of 2011.
    const lines = textOf("svartmyra").trimEnd().split(/\r?\n/);
    const later = lines.slice(8).map((own) => own.replace(/^2027,1,/, "2011,2,"));
    const typical = read([...lines, ...later].join("\n"));
    const { weather } = read(lines.join("\n"));
    const half = typical.weather.hours.length / 2;
    expect(typical.weather.hours.slice(0, half)).toEqual(weather.hours);
    const monthMs = Date.UTC(2027, 1, 1) - Date.UTC(2027, 0, 1);
    expect(typical.weather.hours.slice(half).map(({ atMs }) => atMs - monthMs)).toEqual(
      weather.hours.map(({ atMs }) => atMs),
    );
    expect(typical.notes[0]!.reason).toContain("2027");
    // A season of one winter is of its own two years.
    const winter = textOf("far-west").trimEnd().split(/\r?\n/);
    const next = winter.slice(8).map((own) => own.replace(/^2026,12,31,/, "2027,1,1,"));
    expect(read([...winter, ...next].join("\n")).weather.hours.at(-1)!.atMs).toBeGreaterThan(Date.UTC(2027, 0, 1));
  });

  it("names what cannot be read by its line", () => {
    const reasonsOf = (text: string) => {
      const found = readEpw(text);
      return found.ok ? [] : found.problems.map(({ at }) => at);
    };
    const lines = textOf("far-west").split("\r\n");
    const changed = (line: number, to: (text: string) => string) =>
      lines.map((own, index) => (index === line - 1 ? to(own) : own)).join("\n");
    expect(reasonsOf("time,air\n1,2")).toEqual(["line 1"]);
    expect(reasonsOf(changed(10, (own) => own.replace("2026,12,31,2", "2026,2,30,2")))).toEqual(["line 10"]);
    expect(reasonsOf(changed(12, (own) => own.split(",").slice(0, 9).join(",")))).toEqual(["line 12"]);
    expect(reasonsOf(changed(13, (own) => own.replace(/^((?:[^,]*,){6})[^,]*/, "$1cold")))).toEqual(["line 13"]);
    expect(reasonsOf(changed(14, (own) => own.replace(/^((?:[^,]*,){6})[^,]*/, "$1-140")))).toEqual(["line 14"]);
    expect(reasonsOf(lines.slice(0, 8).join("\n"))).toEqual([""]);
  });
});
