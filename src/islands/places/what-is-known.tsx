import { useStore } from "@nanostores/react";
import { useEffect, useState } from "react";
import { dayLight } from "@/core/sun";
import { temperatureText, windText } from "@/formats/display/numbers";
import { clockText } from "@/formats/display/time";
import type { Position } from "@/formats/position/read-position";
import type { ForecastView } from "@/formats/wire/evening/forecast-view";
import { fetchForecast } from "@/stores/places";
import { $preferences } from "@/stores/preferences";

const HOURS = 24;

function lightWords(position: Position, timeZone: string, nowMs: number): string {
  const light = dayLight(nowMs, position.latitudeDeg, position.longitudeDeg);
  if (light.kind === "polarDay") return "The sun does not set today.";
  if (light.kind === "polarNight") return "The sun does not rise today.";
  return `Sun up at ${clockText(light.sunriseMs, timeZone)}, down at ${clockText(light.sunsetMs, timeZone)} today.`;
}

/** What is known of a place as soon as it has coordinates: its sun, its next day of weather. */
export function WhatIsKnown({ position, timeZone }: { readonly position: Position; readonly timeZone: string }) {
  const { temperature, wind } = useStore($preferences);
  const [forecast, setForecast] = useState<ForecastView | string | null>(null);
  const [nowMs, setNowMs] = useState<number | null>(null);
  const { latitudeDeg, longitudeDeg } = position;
  useEffect(() => {
    let isWanted = true;
    setNowMs(Date.now());
    fetchForecast({ latitudeDeg, longitudeDeg }, new Date().toISOString(), HOURS).then(
      (found) => isWanted && setForecast(found),
      (error: Error) => isWanted && setForecast(error.message),
    );
    return () => void (isWanted = false);
  }, [latitudeDeg, longitudeDeg]);
  if (nowMs === null) return null;
  const temperatures =
    typeof forecast === "object" && forecast ? forecast.hours.map(({ airTemperatureC }) => airTemperatureC) : [];
  return (
    <div role="status" className="text-sm" data-testid="place-known">
      <p>{lightWords(position, timeZone, nowMs)}</p>
      {typeof forecast === "string" && <p className="text-muted">No forecast: {forecast}</p>}
      {typeof forecast === "object" && forecast && (
        <p>
          The next day: {temperatureText(Math.min(...temperatures), temperature)} to{" "}
          {temperatureText(Math.max(...temperatures), temperature)}, wind up to{" "}
          {windText(Math.max(...forecast.hours.map(({ windMPerS }) => windMPerS)), wind)}
          {forecast.invented && " (by a made-up service: an example, not the weather)"}.
        </p>
      )}
    </div>
  );
}
