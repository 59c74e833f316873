import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { USUAL_NIGHT } from "@/core/trip";
import { parseTripFile } from "./trip-file";

const day = JSON.parse(readFileSync("docs/formats/grouse-lek.json", "utf8")) as object;
const read = (trip: object) => parseTripFile(JSON.stringify(trip));

it("reads days and nights, with what of a night is other than usual there", () => {
  const parsed = read({ days: [day, day], nights: [{ kind: "tent", airC: -15, how: { boots: "sleepingBag" } }] });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  expect(parsed.trip.days).toHaveLength(2);
  expect(parsed.trip.nights[0]).toEqual({
    ...USUAL_NIGHT.tent,
    air: { ...USUAL_NIGHT.tent.air, airC: -15 },
    how: { boots: "sleepingBag" },
  });
});

it("names path and reason of what cannot be used", () => {
  const pathsOf = (trip: object): string[] => {
    const parsed = read(trip);
    return parsed.ok ? [] : parsed.problems.map(({ path }) => path);
  };
  expect(pathsOf({ days: [day, day], nights: [] })).toEqual(["nights"]);
  expect(pathsOf({ days: [day, day], nights: [{ kind: "igloo" }] })).toEqual(["nights[0].kind"]);
  expect(pathsOf({ days: [day], nights: [{ kind: "tent", airC: -90 }] })).toEqual(["nights[0].airC"]);
});
