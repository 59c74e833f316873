// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { readFileSync } from "node:fs";
import { useState } from "react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { DEFAULT_PREFERENCES } from "@/formats/display/preferences";
import type { ImportedWeather } from "@/formats/weather-import/read-weather";
import { $preferences } from "@/stores/preferences";
import { HoursField } from "./hours-field";

let last: ImportedWeather | null = null;
function Field() {
  const [read, setRead] = useState<ImportedWeather | null>(null);
  const take = (next: ImportedWeather | null): void => {
    last = next;
    setRead(next);
  };
  return <HoursField timeZone="Europe/Oslo" startsAt="2027-01-15T05:00:00.000Z" read={read} onRead={take} />;
}
const paste = (text: string): void =>
  void fireEvent.change(screen.getByLabelText("Paste hours"), { target: { value: text } });
const first = () => last!.hours[0]!;

beforeEach(() => {
  localStorage.clear();
  $preferences.set(DEFAULT_PREFERENCES);
});
afterEach(cleanup);

describe("hours of weather from elsewhere", () => {
  it("are read as the service gives them, columns shown", () => {
    render(<Field />);
    paste(readFileSync("tests/spreadsheets/weather/03-service-csv-with-block-above.csv", "utf8"));
    expect(last!.hours).toHaveLength(2);
    expect(screen.getByLabelText<HTMLSelectElement>(/^wind_speed_10m/).value).toBe("windKmPerH");
    expect(screen.getByLabelText<HTMLSelectElement>(/^wind_gusts_10m/).value).toBe("");
  });

  it("of a table nobody can guess wait for a word, which is kept for the next one", async () => {
    const user = userEvent.setup();
    render(<Field />);
    paste("when;a;b\n06:00;-5;3\n07:00;-6;3");
    expect(last!.hours).toEqual([]);
    expect(screen.getByRole("alert").textContent).toContain("temperature of the air");
    await user.selectOptions(screen.getByLabelText(/^a/), "airC");
    await user.selectOptions(screen.getByLabelText(/^b/), "windKn");
    expect(first()).toMatchObject({ airTemperatureC: -5, at: "2027-01-15T05:00:00.000Z" });
    expect(first().windMPerS).toBeCloseTo(1.543, 3); // 3 knots of 1852 m an hour
    cleanup();
    render(<Field />);
    paste("when;a;b\n08:00;-7;4");
    expect(first().airTemperatureC).toBe(-7);
  });

  it("without units are in those of whoever reads, and said so", () => {
    $preferences.set({ ...DEFAULT_PREFERENCES, temperature: "F", wind: "mph", clock: "12" });
    render(<Field />);
    paste("time,temp,wind\n1/2/2027 6:00 AM,14,9");
    expect(first().airTemperatureC).toBeCloseTo(-10, 6);
    expect(first().at).toBe("2027-01-02T05:00:00.000Z");
    const told = screen.getByRole("list", { name: "Understood so:" }).textContent;
    expect(told).toContain("taken as air temperature, °F");
    expect(told).toContain("month first");
  });

  it("are nothing again when the text is taken out", () => {
    render(<Field />);
    paste("time,temp C,wind m/s\n06:00,-5,3");
    expect(last!.hours).toHaveLength(1);
    paste(" ");
    expect(last).toBeNull();
  });
});
