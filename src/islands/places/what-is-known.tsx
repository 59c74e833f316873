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

function NextDay({ forecast: { hours, invented } }: { readonly forecast: ForecastView }) {
  const { temperature, wind } = useStore($preferences);
  const temperatures = hours.map(({ airTemperatureC }) => airTemperatureC);
  return (
    <p>
      The next day: {temperatureText(Math.min(...temperatures), temperature)} to{" "}
      {temperatureText(Math.max(...temperatures), temperature)}, wind up to{" "}
      {windText(Math.max(...hours.map(({ windMPerS }) => windMPerS)), wind)}
      {invented && " (by a made-up service: an example, not the weather)"}.
    </p>
  );
}

/** What is known of a place as soon as it has coordinates: its sun, its next day of weather. */
export function WhatIsKnown({ position, timeZone }: { readonly position: Position; readonly timeZone: string }) {
  const [known, setKnown] = useState<{ readonly nowMs: number; readonly forecast: ForecastView | string } | null>(null);
  const { latitudeDeg, longitudeDeg } = position;
  useEffect(() => {
    let isWanted = true;
    const nowMs = Date.now();
    const tell = (forecast: ForecastView | string): void => {
      if (isWanted) setKnown({ nowMs, forecast });
    };
    fetchForecast({ latitudeDeg, longitudeDeg }, new Date(nowMs).toISOString(), HOURS).then(tell, (error: Error) =>
      tell(error.message),
    );
    return () => void (isWanted = false);
  }, [latitudeDeg, longitudeDeg]);
  if (known === null) return null;
  const { forecast, nowMs } = known;
  return (
    <div role="status" className="text-sm" data-testid="place-known">
      <p>{lightWords(position, timeZone, nowMs)}</p>
      {typeof forecast === "string" ? (
        <p className="text-muted">No forecast: {forecast}</p>
      ) : (
        <NextDay forecast={forecast} />
      )}
    </div>
  );
}
