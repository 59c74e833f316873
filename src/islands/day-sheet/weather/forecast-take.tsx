import * as m from "@/messages";
import { rainText } from "@/formats/display/quantities";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import { issuedWords } from "@/formats/display/words/forecast-words";
import { plainNumber } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { TEMPERATURE, WIND } from "@/formats/display/units";
import type { ForecastHourView, ForecastView } from "@/formats/wire/evening/forecast-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $forecast, askForecast, takeForecast } from "@/stores/sheet/forecast";

type Props = { readonly view: OutingView; readonly preferences: Preferences; readonly onDone: () => void };
const PERCENT = 100;

function HourRow({
  hour,
  timeZone,
  preferences,
}: {
  readonly hour: ForecastHourView;
  readonly timeZone: string;
  readonly preferences: Preferences;
}) {
  const [degrees, speed] = [TEMPERATURE[preferences.temperature], WIND[preferences.wind]];
  const spread = degrees.fromSi(hour.airSpreadK) - degrees.fromSi(0);
  return (
    <tr className="border-line border-t">
      <th scope="row" className="py-1 pr-4 text-left font-semibold">
        {clockText(hour.at, timeZone)}
      </th>
      <td className="pr-4">
        {plainNumber(degrees.fromSi(hour.airTemperatureC), 1)} ± {plainNumber(spread, 1)} {degrees.label}
      </td>
      <td className="pr-4">
        {plainNumber(speed.fromSi(hour.windMPerS), 1)} {speed.label} ± {plainNumber(hour.windSpreadShare * PERCENT, 0)}{" "}
        %
      </td>
      <td className="pr-4">{plainNumber(hour.cloudShare * PERCENT, 0)} %</td>
      <td>{rainText(hour.precipitationMm)}</td>
    </tr>
  );
}

function Found({ forecast, view, preferences, onDone }: Props & { readonly forecast: ForecastView }) {
  return (
    <>
      {forecast.invented && (
        <p className="border-accent bg-raised border-l-4 px-3 py-1 font-semibold" data-testid="forecast-invented">
          {m.inventedNobodyHasMeasuredOrForecast}
        </p>
      )}
      {forecast.isUsualWeather && <p>{m.theOutingLiesFurtherAheadThan}</p>}
      <p className="text-muted text-sm">
        {issuedWords(forecast, view.place.timeZone)}
        {m.isOneStandardDeviation}
      </p>
      <div className="max-h-[45dvh] overflow-y-auto" tabIndex={0} role="region" aria-label={m.hoursOfTheForecast}>
        <table className="w-full text-sm">
          <thead>
            <tr className="text-muted text-left">
              <th scope="col">{m.hour}</th>
              <th scope="col">{m.air}</th>
              <th scope="col">{m.windTitle}</th>
              <th scope="col">{m.cloudTitle}</th>
              <th scope="col">{m.rainOrSnow}</th>
            </tr>
          </thead>
          <tbody>
            {forecast.hours.map((hour) => (
              <HourRow key={hour.at} hour={hour} timeZone={view.place.timeZone} preferences={preferences} />
            ))}
          </tbody>
        </table>
      </div>
      <button
        type="button"
        className="press border-accent self-start"
        onClick={() => {
          takeForecast(forecast);
          onDone();
        }}
      >
        {m.takeTheseHoursOver}
      </button>
    </>
  );
}

/** The newest run of the forecast service, to be looked at and taken over. */
export function ForecastTake({ view, preferences, onDone }: Props) {
  useEffect(() => void askForecast(), []);
  const newest = useStore($forecast);
  return (
    <div className="flex flex-col gap-3">
      {newest.kind === "failed" && (
        <p role="alert" className="text-cranberry">
          {newest.message}
        </p>
      )}
      {newest.kind === "asking" && <p role="status">{m.askingTheService}</p>}
      {newest.kind === "known" && (
        <Found forecast={newest.forecast} view={view} preferences={preferences} onDone={onDone} />
      )}
    </div>
  );
}
