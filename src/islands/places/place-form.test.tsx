// @vitest-environment happy-dom
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { PlaceContent } from "@/formats/wire/places/place-view";
import { PlaceForm } from "./place-form";
import { usualPlace } from "./usual-place";

// A place described as a person does. Coasts and forecasts come from a server that answers by hand.

let place: PlaceContent;
let asked: string[] = [];

const HOUR = {
  at: "2027-01-10T05:00:00.000Z",
  airTemperatureC: -7,
  windMPerS: 4,
  relativeHumidityPercent: 80,
  cloudShare: 0.5,
  precipitationMm: 0,
  airSpreadK: 1,
  windSpreadShare: 0.2,
};
const FORECAST = {
  service: "by hand",
  invented: true,
  issuedAt: "2027-01-10T00:00:00.000Z",
  isUsualWeather: false,
  hours: [HOUR, { ...HOUR, airTemperatureC: -2, windMPerS: 6 }],
};

function open(start: Partial<PlaceContent> = {}) {
  const Shown = () => {
    const [draft, setDraft] = useState<PlaceContent>({ ...usualPlace(), ...start });
    place = draft;
    return <PlaceForm place={draft} others={[]} onChange={setDraft} />;
  };
  render(<Shown />);
  return userEvent.setup();
}

beforeEach(() => {
  asked = [];
  vi.stubGlobal("fetch", (url: string) => {
    asked.push(url);
    return url.startsWith("/api/forecast")
      ? Promise.resolve(new Response(JSON.stringify(FORECAST)))
      : Promise.reject(new TypeError("no coasts here"));
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const coordinates = () => screen.getByLabelText<HTMLInputElement>("Coordinates, or a link to a map");

describe("the form of a place", () => {
  it("takes coordinates that are typed, finds the clock there, and knows sun and forecast at once", async () => {
    const user = open();
    await user.type(coordinates(), "60.1, 9.4");
    expect(place.setting).toMatchObject({ latitudeDeg: 60.1, longitudeDeg: 9.4 });
    await waitFor(() => expect(place.timeZone).toBe("Europe/Oslo"));
    await waitFor(() => expect(screen.getByTestId("place-known").textContent).toContain("−7 °C to −2 °C"));
    expect(screen.getByTestId("place-known").textContent).toMatch(/Sun up at|The sun does/);
    expect(screen.getByTestId("place-known").textContent).toContain("made-up service");
    expect(asked.some((url) => url.includes("latitude=60.1&longitude=9.4"))).toBe(true);
  });

  it("a link that is pasted is read; what is no point says so, stays, and moves nothing", async () => {
    const user = open();
    await user.click(coordinates());
    await user.paste("https://map.example/#map=13/-33.5/-70.25");
    expect(place.setting).toMatchObject({ latitudeDeg: -33.5, longitudeDeg: -70.25 });
    await user.clear(coordinates());
    await user.type(coordinates(), "by the old birch");
    await user.tab();
    expect(screen.getByText(/No point on earth can be read there/)).toBeDefined();
    expect(coordinates().value).toBe("by the old birch");
    expect(place.setting).toMatchObject({ latitudeDeg: -33.5, longitudeDeg: -70.25 });
  });

  it("takes the first waypoint of a GPX file, else the end of its track", async () => {
    const user = open();
    const file = (body: string) => new File([`<gpx version="1.1">${body}</gpx>`], "seat.gpx");
    const input = screen.getByLabelText("GPX file with the place");
    await user.upload(input, file('<wpt lat="60.1" lon="9.4"><name>seat</name></wpt>'));
    await waitFor(() => expect(place.setting).toMatchObject({ latitudeDeg: 60.1, longitudeDeg: 9.4 }));
    const track = '<trk><trkseg><trkpt lat="61" lon="10"/><trkpt lat="61.01" lon="10.02"/></trkseg></trk>';
    await user.upload(input, file(track));
    await waitFor(() => expect(place.setting).toMatchObject({ latitudeDeg: 61.01, longitudeDeg: 10.02 }));
  });

  it("moves the point by arrow keys on the map", async () => {
    const user = open({ setting: { ...usualPlace().setting, latitudeDeg: 60, longitudeDeg: 10 } });
    screen.getByRole("application").focus();
    await user.keyboard("{ArrowRight}{ArrowUp}");
    expect(place.setting.longitudeDeg).toBeGreaterThan(10);
    expect(place.setting.latitudeDeg).toBeGreaterThan(60);
    await user.keyboard("{ArrowLeft}{ArrowDown}");
    expect(place.setting.longitudeDeg).toBeCloseTo(10, 3);
    expect(place.setting.latitudeDeg).toBeCloseTo(60, 3);
  });

  it("chooses shelter and ground by their drawings, with the cautions that belong to them", async () => {
    const user = open();
    await user.click(screen.getByLabelText("in a hide or tent"));
    await user.click(screen.getByLabelText("ice"));
    expect(place.setting).toMatchObject({ shelter: "hide", ground: "ice", snowCover: true });
    expect(screen.getByText(/does not know whether ice carries/)).toBeDefined();
    const height = screen.getByLabelText("Height of the seat above ground");
    await user.clear(height);
    await user.type(height, "4");
    expect(place.setting.seatHeightM).toBe(4);
    expect(screen.getByText(/harness on before the first rung/)).toBeDefined();
  });
});
