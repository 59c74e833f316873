import { describe, expect, it } from "vitest";
import { gridOfText } from "../../any-table/grid";
import { keyOf } from "../../any-table/said";
import { logbookCsv } from "../logbook-csv";
import type { LogbookEntry } from "../../wire/logbook/logbook-view";
import { NO_SIT_MAPPING } from "./mapping";
import { readSits } from "./read-sits";
import { minutesIn, partIn, voteIn, endingIn } from "./said-words";
import type { SitTableOf } from "./sit-table";

// Invented people, places and tables.
const KNOWN: SitTableOf = {
  pieces: [
    { id: "01900000-0000-7000-8000-00000000b001", name: "Felt boots", lane: "Feet", kind: "footwear", thicknessMm: 9 },
    {
      id: "01900000-0000-7000-8000-00000000b002",
      name: "Down parka, hooded",
      lane: "Trunk",
      kind: "garment",
      thicknessMm: 40,
    },
  ],
  usuallyWorn: [],
  places: [
    { id: "01900000-0000-7000-8000-00000000a001", name: "Svartmyra", timeZone: "Europe/Oslo" },
    { id: "01900000-0000-7000-8000-00000000a002", name: "Tarn Halla", timeZone: "Europe/Oslo" },
  ],
  person: { id: "01900000-0000-7000-8000-00000000c001", name: "Runa" },
  placeId: "01900000-0000-7000-8000-00000000a001",
  usualClock: "07:00",
  temperature: "C",
  wind: "m/s",
};
const read = (text: string, mapping = NO_SIT_MAPPING, known = KNOWN) => readSits(gridOfText(text), mapping, known);

describe("a table of sits somebody kept", () => {
  it("is read whatever its columns are called and in whatever order", () => {
    const { sits, problems, names } = read(
      [
        "Clothes;Temp (°C);Date;How long;Why;Notes",
        "Felt boots, old coat;-12;03.02.2024;2:15;toes froze;ice sang",
        "Felt boots + Down parka;-5,5;24.02.2024;3 h;it was over;",
      ].join("\n"),
    );
    expect(problems).toEqual([]);
    expect(
      sits.map(({ startsAt, airTemperatureC, felt }) => [startsAt, airTemperatureC, felt.minutes, felt.ended]),
    ).toEqual([
      ["2024-02-03T06:00:00.000Z", -12, 135, "cold"], // seven o'clock in winter there
      ["2024-02-24T06:00:00.000Z", -5.5, 180, "gameOver"],
    ]);
    expect(sits[0]!.felt).toMatchObject({ first: "leftToes", words: "ice sang" });
    expect(sits[1]!.pieceIds).toEqual(KNOWN.pieces.map(({ id }) => id));
    expect(names).toContainEqual({ name: "old coat", pieceId: null, times: 1 });
  });

  it("takes names of clothes as they were said to be, and columns too", () => {
    const text = "Dag;Satt;Luft;Plagg\n2024-02-03;90;-8;gamle frakken";
    const mapping = {
      roles: { [keyOf("Plagg")]: "worn" as const },
      pieces: { [keyOf("gamle frakken")]: KNOWN.pieces[1]!.id },
    };
    expect(read(text).sits[0]!.pieceIds).toEqual([]);
    expect(read(text, mapping).sits[0]!.pieceIds).toEqual([KNOWN.pieces[1]!.id]);
  });

  it("adds what is usually worn besides what a row names, which takes the place of the likest", () => {
    const [boots, parka] = KNOWN.pieces.map(({ id }) => id);
    const text = "date;sat;temp;worn\n2024-02-03;90;-8;Felt boots\n2024-02-04;90;-8;";
    const hat = {
      id: "01900000-0000-7000-8000-00000000b003",
      name: "Hat",
      lane: "Head",
      kind: "headwear",
      thicknessMm: 4,
    } as const;
    const other = {
      id: "01900000-0000-7000-8000-00000000b004",
      name: "Light shoes",
      lane: "Feet",
      kind: "footwear",
      thicknessMm: 3,
    } as const;
    const known = { ...KNOWN, pieces: [...KNOWN.pieces, hat, other], usuallyWorn: [parka!, hat.id, other.id] };
    expect(read(text, NO_SIT_MAPPING, known).sits.map(({ pieceIds }) => pieceIds)).toEqual([
      [boots, parka, hat.id],
      [parka, hat.id, other.id],
    ]);
  });

  it("reads hours, feet of Fahrenheit and miles an hour by heads or by habit", () => {
    const { sits } = read("date,hours,temp °F,wind mph\n2024-02-03,2.5,14,10\n2024-02-04,4,5,20");
    expect(sits.map(({ felt }) => felt.minutes)).toEqual([150, 240]);
    expect(sits[0]!.airTemperatureC).toBeCloseTo(-10, 9);
    expect(sits[0]!.windMPerS).toBeCloseTo(4.47, 2);
    const byHabit = read("date,min,temp\n2024-02-03,90,14", NO_SIT_MAPPING, { ...KNOWN, temperature: "F" });
    expect(byHabit.sits[0]!.airTemperatureC).toBeCloseTo(-10, 9);
  });

  it("says of each row why it is left out, and keeps the others", () => {
    const { sits, problems, notes } = read(
      [
        "date,sat,temp,who",
        "2024-02-03,90,-8,Runa",
        "2024-02-04,,-8,Runa",
        "2024-02-05,90,,Runa",
        "some day,90,-8,Runa",
        "2024-02-06,90,-300,Runa",
        "2024-02-07,90,-8,Eskil",
      ].join("\n"),
    );
    expect(sits).toHaveLength(1);
    expect(problems.map(({ at }) => at)).toEqual(["line 3", "line 4", "line 5", "line 6"]);
    expect(notes.map(({ at }) => at)).toEqual(["line 7"]);
  });

  it("reads back what Umiak wrote", () => {
    const entry: LogbookEntry = {
      outingId: "01900000-0000-7000-8000-00000000d001",
      name: "Char at dawn",
      invented: true,
      startsAt: "2026-02-03T06:20:00.000Z",
      timeZone: "Europe/Oslo",
      personId: KNOWN.person.id,
      personName: "Runa",
      placeName: "Tarn Halla",
      airTemperatureC: -9,
      windMPerS: 3,
      pieces: [KNOWN.pieces[0]!],
      predicted: null,
      today: null,
      hasPhoto: false,
      felt: {
        minutes: 110,
        ended: "cold",
        first: "rightToes",
        parts: {
          rightToes: { vote: "painful", coldAfterMinutes: 80 },
          leftFingers: { vote: "cool", coldAfterMinutes: null },
        },
        dampAt: [],
        changed: "",
        wentRight: "",
        words: "went home",
      },
    };
    const { sits, problems } = read(logbookCsv([entry]));
    expect(problems).toEqual([]);
    expect(sits).toEqual([
      {
        line: 2,
        name: entry.name,
        startsAt: entry.startsAt,
        placeId: KNOWN.places[1]!.id,
        walkMinutes: null,
        airTemperatureC: -9,
        windMPerS: 3,
        pieceIds: [KNOWN.pieces[0]!.id],
        felt: entry.felt,
      },
    ]);
  });
});

describe("what people write", () => {
  it.each([
    ["135", false, 135],
    ["2:15", false, 135],
    ["2 h 15 min", false, 135],
    ["2,5 t", false, 150],
    ["3", true, 180],
    ["ca. all day", false, null],
  ])("%s is a length of time", (cell, areHours, minutes) => expect(minutesIn(cell, areHours)).toBe(minutes));

  it.each([
    ["ice cold", "cold"],
    ["not cold", "neutral"],
    ["vonde, så følelsesløse", "numb"],
    ["warm as toast", "warm"],
    ["", null],
  ])("%s is a vote", (cell, vote) => expect(voteIn(cell)).toBe(vote));

  it("names what got cold first and why it ended", () => {
    expect([partIn("right foot"), partIn("Feet"), partIn("fingre"), partIn("dog")]).toEqual([
      "rightToes",
      "leftToes",
      "leftFingers",
      null,
    ]);
    expect([endingIn("Got dark"), endingIn("snø"), endingIn("wife called"), endingIn("")]).toEqual([
      "gameOver",
      "weather",
      "other",
      null,
    ]);
  });
});
