import * as m from "@/messages";
import { totalMinutes } from "@/core/outing";
import { useState } from "react";
import { shapedHours } from "@/formats/outing-file/shaped-weather";
import type { OutingView, WeatherHourView } from "@/formats/wire/outing/outing-view";
import { editContent } from "@/stores/sheet/edits";
import { LowHighFields, type LowHigh } from "../../fields/low-high-fields";

type Props = { readonly view: OutingView; readonly onDone: () => void };

const NOT_TYPED = { precipitationMm: null, airTemperatureTyped: null, windTyped: null } as const;

/** A day of which only low and high are known, shaped into hours. */
export function LowHighForm({ view, onDone }: Props) {
  const air = view.weather.map(({ airTemperatureC }) => airTemperatureC);
  const mean = (of: (hour: WeatherHourView) => number): number =>
    view.weather.reduce((sum, hour) => sum + of(hour), 0) / view.weather.length;
  const [day, setDay] = useState<LowHigh>({
    lowC: Math.min(...air),
    highC: Math.max(...air),
    windMPerS: mean((hour) => hour.windMPerS),
  });
  const isTurned = day.lowC > day.highC;
  const shape = (): void => {
    const whole = {
      ...day,
      relativeHumidityPercent: Math.round(mean((hour) => hour.relativeHumidityPercent)),
      cloudShare: view.weather[0]?.cloudShare ?? null,
    };
    const { latitudeDeg, longitudeDeg } = view.setting;
    const place = { startsAt: view.startsAt, timeZone: view.place.timeZone, latitudeDeg, longitudeDeg };
    const hours = shapedHours(whole, place, totalMinutes(view.phases));
    const weather = hours.map((hour): WeatherHourView => ({ ...hour, cloudShare: whole.cloudShare, ...NOT_TYPED }));
    editContent(m.shapeTheDay, { weather, weatherShaped: true });
    onDone();
  };
  return (
    <div className="flex flex-col gap-3">
      <p className="text-muted text-sm">{m.theDayIsShapedAsA}</p>
      <div className="flex flex-wrap gap-4">
        <LowHighFields day={day} onChange={setDay} />
      </div>
      {isTurned && (
        <p role="alert" className="text-cranberry text-sm">
          {m.theLowLiesAboveTheHigh}
        </p>
      )}
      <button type="button" className="press border-accent self-start" disabled={isTurned} onClick={shape}>
        {m.shapeTheHours}
      </button>
    </div>
  );
}
