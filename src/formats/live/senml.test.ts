import { describe, expect, it } from "vitest";
import { readReadingsCsv } from "./readings-csv";
import { readSenml, senmlOf, senmlSchema } from "./senml";

const NOW_MS = Date.UTC(2026, 11, 1, 6, 0);
const read = (pack: unknown) => readSenml(senmlSchema.parse(pack), NOW_MS);

describe("SenML", () => {
  // RFC 8428, 5.1.3: base name, base time and base unit hold for the records that follow; 4.5.3: times under 2^28 are from now.
  it("resolves base fields as RFC 8428 says", () => {
    const { readings, leftOut } = read([
      { bn: "urn:dev:ow:10e2073a0108006:", bt: NOW_MS / 1000 - 60, bu: "Cel", n: "leftToes", v: 23.1 },
      { n: "leftToes", t: 30, v: 23 },
      { n: "air", u: "K", t: 60, v: 268.15 },
    ]);
    expect(leftOut).toEqual([]);
    expect(readings).toEqual([
      { sensor: "leftToes", atMs: NOW_MS - 60_000, valueC: 23.1 },
      { sensor: "leftToes", atMs: NOW_MS - 30_000, valueC: 23 },
      { sensor: "air", atMs: NOW_MS, valueC: expect.closeTo(-5, 9) },
    ]);
  });

  it("takes times from now, and none as now", () => {
    expect(read([{ n: "air", u: "Cel", v: -4, t: -120 }]).readings[0]!.atMs).toBe(NOW_MS - 120_000);
    expect(read([{ n: "air", u: "Cel", v: -4 }]).readings[0]!.atMs).toBe(NOW_MS);
  });

  it("leaves out and names what is no temperature of a known place, or of another day", () => {
    const { readings, leftOut } = read([
      { bn: "a:", bu: "Cel" },
      { n: "leftToes", v: 20 },
      { n: "knee", v: 20 },
      { n: "leftToes", u: "%RH", v: 20 },
      { n: "leftToes" },
      { n: "leftToes", t: NOW_MS / 1000 + 3600, v: 20 },
      { n: "myleftToes", v: 20 },
    ]);
    expect(readings).toHaveLength(1);
    expect(leftOut).toEqual([
      { record: 2, why: "name" },
      { record: 3, why: "unit" },
      { record: 4, why: "value" },
      { record: 5, why: "time" },
      { record: 6, why: "name" },
    ]);
  });

  it("is read back as it was written", () => {
    const readings = [{ sensor: "rightFingers", atMs: NOW_MS - 1000, valueC: 18.5 }] as const;
    expect(read(senmlOf(readings)).readings).toEqual(readings);
  });
});

it("reads a logger's file, heads and other rows left out", () => {
  const text =
    "time,sensor,°C\n2026-12-01T05:00:00Z,leftToes,21.5\nnonsense\n2026-12-01T05:01:00Z,knee,21\n2026-12-01T05:02:00Z;air\n";
  expect(readReadingsCsv(text)).toEqual([{ sensor: "leftToes", atMs: Date.UTC(2026, 11, 1, 5), valueC: 21.5 }]);
});
