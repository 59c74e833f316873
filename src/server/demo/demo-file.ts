import { totalMinutes } from "@/core/outing";
import { USUAL_START } from "@/core/sitter";
import { OUTING_FORMAT_VERSION, type OutingFile } from "@/formats/outing-file/schema/outing-schema";
import { inventedHours } from "./invented-weather";
import { computedTraitsOf } from "@/core/pieces";
import { starterPiece } from "@/core/starter-kit";
import { DEMO_ACCEPTED, DEMO_OUTINGS, DEMO_PEOPLE, DEMO_PLACES, type DemoOuting } from "./scenario";

/** A demo outing as an outing file: for the example in docs/, the benchmark and tests. */
export function demoFile(demo: DemoOuting): OutingFile {
  const person = DEMO_PEOPLE[demo.person];
  const { timeZone, setting } = DEMO_PLACES[demo.place];
  const { refuge: _refuge, coverage: _coverage, ...place } = setting;
  const end = totalMinutes(demo.phases);
  const worn = [...new Set(demo.wearings.map(([key]) => key))];
  return {
    formatVersion: OUTING_FORMAT_VERSION,
    name: demo.name,
    startsAt: demo.startsAt,
    timeZone,
    person: { ...person.body, accepted: DEMO_ACCEPTED },
    start: USUAL_START,
    place,
    weatherShaped: false,
    weather: inventedHours(demo.weather).map(({ at, ...hour }) => ({
      at: at.toISOString(),
      radiantTemperatureC: null,
      ...hour,
    })),
    phases: demo.phases.map(({ wetBy, ...phase }) => ({ ...phase, ...(wetBy && { wetBy: [...wetBy] }) })),
    pieces: worn.map((key) => {
      const { name, kind, label, massG, fingersTogether = false, traits = {} } = starterPiece(key);
      return {
        id: key,
        name,
        kind,
        label: structuredClone(label) as OutingFile["pieces"][number]["label"],
        fingersTogether,
        massG,
        ...(computedTraitsOf(traits) as Partial<OutingFile["pieces"][number]>),
      };
    }),
    wearings: demo.wearings.map(([pieceId, rank, fromMinute, toMinute, side = "both"]) => ({
      pieceId,
      rank,
      fromMinute,
      toMinute: toMinute ?? end,
      side,
    })),
  };
}

/** The demo outing of a name. @throws when the scenario has none */
export function demoByName(name: string): DemoOuting {
  const found = DEMO_OUTINGS.find((demo) => demo.name === name);
  if (!found) throw new Error(`the demonstration has no outing "${name}"`);
  return found;
}
