import { describe, expect, it } from "vitest";
import { instantOf, localText } from "../local-time";
import { readWeather } from "./read-weather";

const ZONE = "Europe/Oslo";

describe("times as people write them", () => {
  it("are clock times of the place, or what their offset says", () => {
    expect(instantOf("2027-01-15 06:30", ZONE)).toBe("2027-01-15T05:30:00.000Z"); // winter: an hour before UTC
    expect(instantOf("2027-07-15T06:30", ZONE)).toBe("2027-07-15T04:30:00.000Z"); // summer: two
    expect(instantOf("2027-01-15T06:30Z", ZONE)).toBe("2027-01-15T06:30:00.000Z");
    expect(instantOf("2027-01-15T06:30+03:00", ZONE)).toBe("2027-01-15T03:30:00.000Z");
    expect(localText("2027-07-15T04:30:00.000Z", ZONE)).toBe("2027-07-15T06:30");
  });

  it.each(["", "tomorrow", "2027-02-30 06:00", "2027-01-15 25:00", "2027-01-15"])("%j is none", (text) => {
    expect(instantOf(text, ZONE)).toBeNull();
  });
});

describe("hours of weather from elsewhere", () => {
  it("are read from CSV with units in the head, in order of time", () => {
    const text = "time;airTemperatureF;windKmPerH;cloudPercent\n2027-01-15 07:00;14;36;50\n2027-01-15 06:00;5,0;18;";
    const { hours, problems } = readWeather(text, { timeZone: ZONE });
    expect(problems).toEqual([]);
    expect(hours.map(({ at }) => at)).toEqual(["2027-01-15T05:00:00.000Z", "2027-01-15T06:00:00.000Z"]);
    expect(hours[0]!.airTemperatureC).toBeCloseTo(-15, 9); // 5 °F
    expect(hours[0]!.windMPerS).toBeCloseTo(5, 9);
    expect(hours[0]!.cloudShare).toBeNull();
    expect(hours[1]!.airTemperatureC).toBeCloseTo(-10, 9);
    expect(hours[1]!.cloudShare).toBe(0.5);
  });

  it("are read from JSON; an hour named twice keeps the last", () => {
    const rows = [
      { time: "2027-01-15T06:00Z", airTemperatureC: -3, windMPerS: 1 },
      { time: "2027-01-15T06:00Z", airTemperatureC: -4, windMPerS: 1, precipitationMm: 0.4 },
    ];
    const { hours } = readWeather(JSON.stringify(rows), { timeZone: ZONE });
    expect(hours).toHaveLength(1);
    expect(hours[0]).toMatchObject({ airTemperatureC: -4, precipitationMm: 0.4, relativeHumidityPercent: 80 });
  });

  it("name each row that cannot be read, and read the others", () => {
    const text = [
      "time,airTemperatureC,windMPerS",
      "2027-01-15 06:00,-3,2",
      "soon,-3,2",
      "2027-01-15 08:00,cold,2",
      "2027-01-15 09:00,-90,2",
      "2027-01-15 10:00,-3,",
    ].join("\n");
    const { hours, problems } = readWeather(text, { timeZone: ZONE });
    expect(hours).toHaveLength(1);
    expect(problems.map(({ at }) => at)).toEqual(["line 3", "line 4", "line 5", "line 6"]);
    expect(problems[1]!.reason).toContain("cold");
  });

  it.each([
    ["", "nothing"],
    ["a,b\n1,2", "time"],
    ["[1, 2]", "no list"],
    ["{broken", "broken"],
  ])("refuse %j as a whole with a reason", (text, reason) => {
    const { hours, problems } = readWeather(text, { timeZone: ZONE });
    expect(hours).toEqual([]);
    expect(problems).toEqual([{ at: "", reason: expect.stringContaining(reason) as string }]);
  });

  const HEAD = "time,airTemperatureC,windMPerS";
  const lines = (...rows: string[]): string => [HEAD, ...rows].join("\n");

  it("take shares of cloud and humidity for what they are, and say so", () => {
    const text = `${HEAD},cloudPercent,relativeHumidityPercent\n2027-01-15 06:00,-3,2,0.8,0.85\n2027-01-15 07:00,-3,2,1,0.9`;
    const { hours, notes } = readWeather(text, { timeZone: ZONE });
    expect(hours[0]).toMatchObject({ cloudShare: 0.8, relativeHumidityPercent: 85 });
    expect(notes.map(({ reason }) => reason).join()).toMatch(/cloudPercent.*shares.*relativeHumidityPercent.*shares/);
    const whole = readWeather(`${HEAD},cloudPercent\n2027-01-15 06:00,-3,2,80\n2027-01-15 07:00,-3,2,1`, {
      timeZone: ZONE,
    });
    expect(whole.hours.map(({ cloudShare }) => cloudShare)).toEqual([0.8, 0.01]);
  });

  it("take no other notation for a number, and no column that an object happens to have", () => {
    const { problems, notes } = readWeather(
      `${HEAD},constructor\n2027-01-15 06:00,0x10,2,1\n2027-01-15 07:00,Infinity,2,1`,
      { timeZone: ZONE },
    );
    expect(problems.map(({ reason }) => reason)).toEqual([
      "airTemperatureC is no number: 0x10",
      "airTemperatureC is no number: Infinity",
    ]);
    expect(notes[0]!.reason).toMatch(/constructor/);
  });

  it("know the hour that comes twice when the clock goes back, and the one that never comes", () => {
    // Oslo, 31 October 2027: 03:00 becomes 02:00; 28 March 2027: 02:00 becomes 03:00 (IANA time zone database).
    const back = readWeather(lines("2027-10-31 02:00,5,2", "2027-10-31 02:00,4,2", "2027-10-31 03:00,3,2"), {
      timeZone: ZONE,
    });
    expect(back.hours.map(({ at }) => at)).toEqual([
      "2027-10-31T00:00:00.000Z",
      "2027-10-31T01:00:00.000Z",
      "2027-10-31T02:00:00.000Z",
    ]);
    const forward = readWeather(lines("2027-03-28 01:00,5,2", "2027-03-28 02:30,4,2"), { timeZone: ZONE });
    expect(forward.hours).toHaveLength(1);
    expect(forward.problems[0]!.reason).toMatch(/does not exist/);
  });

  it("tell gaps between hours, and hours named twice", () => {
    const { hours, notes } = readWeather(
      lines("2027-01-15 06:00,5,2", "2027-01-15 18:00,4,2", "2027-01-15 18:00,3,2"),
      { timeZone: ZONE },
    );
    expect(hours.at(-1)!.airTemperatureC).toBe(3);
    expect(notes.map(({ reason }) => reason).join()).toMatch(/names an hour again.*straight over 12 hours/);
  });
});
