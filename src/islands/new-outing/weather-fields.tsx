import * as m from "@/messages";
import type { ImportedWeather } from "@/formats/weather-import/read-weather";
import { clockText, dateText } from "@/formats/display/time";
import type { NewOutingBody } from "@/formats/wire/outing/new-outing";
import { Chips } from "../fields/chips";
import { ChoiceField, optionsOf } from "../fields/choice-field";
import { HoursField } from "../fields/hours-field";
import { LowHighFields, type LowHigh } from "../fields/low-high-fields";

/** Where the hours come from. */
export type WeatherWay = "forecast" | "lowHigh" | "hours";
const WAYS: readonly (readonly [WeatherWay, string])[] = [
  ["forecast", m.theForecastOfThePlace],
  ["lowHigh", m.lowAndHighAsAForecasts],
  ["hours", m.hoursIHave],
];
const CLOUD: Readonly<Record<string, number | null>> = { unknown: null, clear: 0, broken: 0.5, overcast: 1 };
const CLOUD_WORDS = { unknown: m.notKnown, clear: m.skyClear, broken: m.skyBroken, overcast: m.skyOvercast } as const;

export type ChosenWeather = {
  readonly way: WeatherWay;
  readonly day: LowHigh;
  readonly cloud: keyof typeof CLOUD_WORDS;
  readonly read: ImportedWeather | null;
};
/** An ordinary winter day (assumption). */
export const USUAL_WEATHER: Omit<ChosenWeather, "way"> = {
  day: { lowC: -8, highC: -2, windMPerS: 3 },
  cloud: "unknown",
  read: null,
};

type FromPlaceBody = Extract<NewOutingBody, { from: "place" }>;

/** The weather as it is sent; a text where something is lacking. */
export function weatherBody(
  { way, day, cloud, read }: ChosenWeather,
  hasForecast: boolean,
): FromPlaceBody["weather"] | string {
  if (way === "forecast") {
    return hasForecast ? { kind: "forecast" } : m.thePlaceHasNoPointOn;
  }
  if (way === "lowHigh") {
    if (day.lowC > day.highC) return m.theLowLiesAboveTheHigh;
    return { kind: "lowHigh", ...day, cloudShare: CLOUD[cloud] ?? null };
  }
  if (!read || read.hours.length === 0) return m.pasteTheHoursOfWeatherOr;
  return { kind: "hours", hours: read.hours.map((hour) => ({ ...hour })) };
}

type Props = {
  readonly weather: ChosenWeather;
  readonly timeZone: string;
  readonly startsAt: string | undefined;
  readonly hasForecast: boolean;
  readonly onChange: (weather: ChosenWeather) => void;
};

/** What weather the outing is planned in. */
export function WeatherFields({ weather, timeZone, startsAt, hasForecast, onChange }: Props) {
  const set = (part: Partial<ChosenWeather>): void => onChange({ ...weather, ...part });
  const ways = WAYS.filter(([way]) => way !== "forecast" || hasForecast);
  const [first, last] = [weather.read?.hours[0], weather.read?.hours.at(-1)];
  return (
    <div className="flex flex-col gap-3">
      <Chips label={m.weather} isLabelHidden value={weather.way} options={ways} onChange={(way) => set({ way })} />
      {weather.way === "forecast" && <p className="text-muted text-sm">{m.fromTheServiceThatComesWith}</p>}
      {weather.way === "lowHigh" && (
        <div className="flex flex-wrap items-end gap-4">
          <LowHighFields day={weather.day} onChange={(day) => set({ day })} />
          <ChoiceField
            label={m.sky}
            value={weather.cloud}
            options={optionsOf(CLOUD_WORDS)}
            onChange={(cloud) => set({ cloud })}
          />
        </div>
      )}
      {weather.way === "hours" && (
        <>
          <HoursField timeZone={timeZone} startsAt={startsAt} read={weather.read} onRead={(read) => set({ read })} />
          {first && last && (
            <p role="status" className="text-sm">
              {weather.read!.hours.length} {m.hoursReadFrom} {dateText(first.at, timeZone)}{" "}
              {clockText(first.at, timeZone)} {m.to3} {dateText(last.at, timeZone)} {clockText(last.at, timeZone)}
              {m.outsideThemTheFirstAndThe}
            </p>
          )}
        </>
      )}
    </div>
  );
}
