import Papa from "papaparse";
import { SENSORS, type Sensor } from "@/core/loggers";
import type { TimedReading } from "./senml";

const isSensor = (text: string): text is Sensor => SENSORS.some((sensor) => sensor === text);

/** Readings of a file: time (ISO 8601 with its zone), sensor and °C in a row; other rows, such as heads, are left out. */
export function readReadingsCsv(text: string): TimedReading[] {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
  return data.flatMap(([time = "", sensor = "", value = ""]) => {
    const atMs = Date.parse(time.trim());
    const valueC = Number(value.trim().replace(",", "."));
    const name = sensor.trim();
    return value.trim() !== "" && Number.isFinite(atMs) && Number.isFinite(valueC) && isSensor(name)
      ? [{ sensor: name, atMs, valueC }]
      : [];
  });
}
