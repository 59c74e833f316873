import { USUAL_START } from "@/core/sitter";
import type { OutingFile } from "@/formats/outing-file/schema";
import { inventedHours } from "./invented-weather";
import { DEMO_PIECES } from "./pieces";
import { DEMO_ACCEPTED, DEMO_OUTINGS, DEMO_PEOPLE, DEMO_PLACES, type DemoOuting } from "./scenario";

/** A demo outing as an outing file: for the example in docs/, the benchmark and tests. */
export function demoFile(demo: DemoOuting): OutingFile {
  const person = DEMO_PEOPLE[demo.person];
  const { timeZone, shelter, seatHeightM, ground } = DEMO_PLACES[demo.place];
  const end = demo.phases.reduce((total, { minutes }) => total + minutes, 0);
  const worn = [...new Set(demo.wearings.map(([key]) => key))];
  return {
    formatVersion: 1,
    name: demo.name,
    startsAt: demo.startsAt,
    timeZone,
    person: { ...person.body, accepted: DEMO_ACCEPTED },
    start: USUAL_START,
    place: { shelter, seatHeightM, ground },
    weather: inventedHours(demo.weather).map(({ at, ...hour }) => ({
      at: at.toISOString(),
      radiantTemperatureC: null,
      ...hour,
    })),
    phases: [...demo.phases],
    pieces: worn.map((key) => {
      const { name, kind, label, fingersTogether = false } = DEMO_PIECES[key];
      return {
        id: key,
        name,
        kind,
        label: structuredClone(label) as OutingFile["pieces"][number]["label"],
        fingersTogether,
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
