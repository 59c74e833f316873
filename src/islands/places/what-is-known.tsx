import * as m from "@/messages";
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
  if (light.kind === "polarDay") return m.theSunDoesNotSetToday;
  if (light.kind === "polarNight") return m.theSunDoesNotRiseToday;
  return m.sunUpAtDownAtToday({
    sunriseMs: clockText(light.sunriseMs, timeZone),
    sunsetMs: clockText(light.sunsetMs, timeZone),
  });
}

function NextDay({ forecast: { hours, invented } }: { readonly forecast: ForecastView }) {
  const { temperature, wind } = useStore($preferences);
  const temperatures = hours.map(({ airTemperatureC }) => airTemperatureC);
  return (
    <p>
      {m.theNextDay} {temperatureText(Math.min(...temperatures), temperature)} {m.to3}{" "}
      {temperatureText(Math.max(...temperatures), temperature)}
      {m.windUpTo} {windText(Math.max(...hours.map(({ windMPerS }) => windMPerS)), wind)}
      {invented && m.byAMadeUpServiceAn}.
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
        <p className="text-muted">
          {m.noForecast} {forecast}
        </p>
      ) : (
        <NextDay forecast={forecast} />
      )}
    </div>
  );
}
