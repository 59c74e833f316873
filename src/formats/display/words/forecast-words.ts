import * as m from "@/messages";
import { rainText } from "../quantities";
import type { ForecastView } from "../../wire/evening/forecast-view";
import type { OutingView, VerdictLine } from "../../wire/outing/outing-view";
import { plainNumber } from "../numbers";
import type { Preferences } from "../preferences";
import { clockText, dateText, durationText } from "../time";
import { TEMPERATURE, WIND } from "../units";

/** Less than this is the same weather: nobody dresses otherwise for it. */
const NOTICED = { airK: 0.4, windMPerS: 0.4, rainMm: 0.2 } as const;

/** Who says it and when: "Umiak’s invented forecast, issued Fri 26 March 2027, 18:00". */
export function issuedWords(
  { service, issuedAt }: Pick<ForecastView, "service" | "issuedAt">,
  timeZone: string,
): string {
  return m.issued({ service, issuedAt: dateText(issuedAt, timeZone), issuedAt2: clockText(issuedAt, timeZone) });
}

const meanOf = (values: readonly number[]): number =>
  values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length;

/** How a newer run differs from what is planned on, over the hours both know: "2.1 °C colder, wind 1.4 m/s more". */
export function differenceWords(view: OutingView, { hours }: ForecastView, { temperature, wind }: Preferences): string {
  const planned = new Map(view.weather.map((hour) => [Date.parse(hour.at), hour]));
  const pairs = hours.flatMap((fresh) => {
    const known = planned.get(Date.parse(fresh.at));
    return known ? [{ fresh, known }] : [];
  });
  const airK = meanOf(pairs.map(({ fresh, known }) => fresh.airTemperatureC - known.airTemperatureC));
  const windMPerS = meanOf(pairs.map(({ fresh, known }) => fresh.windMPerS - known.windMPerS));
  const rainMm = pairs.reduce((sum, { fresh, known }) => sum + fresh.precipitationMm - (known.precipitationMm ?? 0), 0);
  const [degrees, speed] = [TEMPERATURE[temperature], WIND[wind]];
  const words = [
    ...(Math.abs(airK) < NOTICED.airK
      ? []
      : [
          `${plainNumber(Math.abs(degrees.fromSi(airK) - degrees.fromSi(0)), 1)} ${degrees.label} ${airK < 0 ? m.colder : m.warmer}`,
        ]),
    ...(Math.abs(windMPerS) < NOTICED.windMPerS
      ? []
      : [
          m.wind({
            abs: plainNumber(Math.abs(speed.fromSi(windMPerS)), 1),
            label: speed.label,
            value: windMPerS > 0 ? m.more : m.less,
          }),
        ]),
    ...(Math.abs(rainMm) < NOTICED.rainMm
      ? []
      : [m.ofRainOrSnow({ abs: rainText(Math.abs(rainMm)), value: rainMm > 0 ? m.more : m.less })]),
  ];
  return words.length === 0 ? m.muchTheSame : words.join(", ");
}

/** What it does to the minutes still: "24 min fewer: 2 h 40". */
export function minutesChangeWords(before: VerdictLine, after: VerdictLine): string {
  const change = after.minutesStill - before.minutesStill;
  if (change === 0) return m.asManyMinutesStill;
  return m.still({
    abs: durationText(Math.abs(change)),
    value: change > 0 ? m.more : m.fewer,
    minutesStill: durationText(after.minutesStill),
  });
}
