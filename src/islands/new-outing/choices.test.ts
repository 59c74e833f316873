import { describe, expect, it } from "vitest";
import { newOutingSchema } from "@/formats/wire/outing/new-outing-schema";
import { dressBody, usualDress } from "./clothes-fields";
import { USUAL_WEATHER, weatherBody, type ChosenWeather } from "./weather-fields";

const ID = "01900000-0000-7000-8000-000000000001";
const weather = (change: Partial<ChosenWeather>): ChosenWeather => ({ ...USUAL_WEATHER, way: "lowHigh", ...change });

describe("the weather of a new outing as it is sent", () => {
  it("low and high with what is known of the sky; a low above the high is told", () => {
    expect(weatherBody(weather({ cloud: "broken" }), false)).toMatchObject({
      kind: "lowHigh",
      lowC: -8,
      cloudShare: 0.5,
    });
    const turned = weather({ day: { lowC: 3, highC: -2, windMPerS: 1 } });
    expect(weatherBody(turned, false)).toMatch(/low lies above the high/);
  });

  it("a forecast needs a point on the map, pasted hours need hours", () => {
    expect(weatherBody(weather({ way: "forecast" }), true)).toEqual({ kind: "forecast" });
    expect(weatherBody(weather({ way: "forecast" }), false)).toMatch(/no point on the map/);
    expect(weatherBody(weather({ way: "hours" }), true)).toMatch(/Paste the hours/);
  });
});

describe("the clothes of a new outing as they are sent", () => {
  it("come from the own kit for who has worn some, generic by the cold for who has not", () => {
    const person = { id: ID, name: "Runa", outfits: [], last: { id: ID, name: "Lek" } };
    expect(usualDress(person)).toBe("dressMe");
    expect(dressBody("dressMe")).toEqual({ kind: "nothing" }); // the dresser's page follows
    expect(dressBody(`outing:${ID}`)).toEqual({ kind: "outing", id: ID });
    expect(dressBody(usualDress({ ...person, last: null }))).toEqual({ kind: "generic", kit: "byCold" });
    expect(dressBody(usualDress(null))).toEqual({ kind: "generic", kit: "byCold" });
  });

  it("every way is one the server takes", () => {
    for (const word of ["byCold", "nothing", "dressMe", `outfit:${ID}`, `outing:${ID}`, "generic:child"] as const) {
      const parsed = newOutingSchema.safeParse({
        from: "place",
        id: ID,
        name: "Lek",
        person: { kind: "known", id: ID },
        place: { kind: "known", id: ID },
        startsAt: "2027-03-27T04:00:00Z",
        sitMinutes: 240,
        weather: weatherBody(weather({}), false),
        dress: dressBody(word),
      });
      expect(parsed.success, word).toBe(true);
    }
  });
});
