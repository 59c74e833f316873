import { MS_PER_DAY, MS_PER_MINUTE } from "../units";
import { dayLight, type DayLight } from "../sun";

/** Light of a stretch of time. */
export type Light = "dark" | "twilight" | "day";
export type LightSpan = { readonly fromMinute: number; readonly toMinute: number; readonly light: Light };

type Turn = { readonly atMs: number; readonly light: Light };

/** Where the light changes on one day. */
function turnsOf(day: DayLight): Turn[] {
  const turn = (atMs: number | null, light: Light): Turn[] => (atMs === null ? [] : [{ atMs, light }]);
  if (day.kind === "polarDay") return [];
  if (day.kind === "polarNight") return [...turn(day.dawnMs, "twilight"), ...turn(day.duskMs, "dark")];
  return [
    ...turn(day.dawnMs, "twilight"),
    ...turn(day.sunriseMs, "day"),
    ...turn(day.sunsetMs, "twilight"),
    ...turn(day.duskMs, "dark"),
  ];
}

/** Light of a day on which it never changes. */
const lightOfWholeDay = ({ kind }: DayLight): Light => (kind === "polarDay" ? "day" : "dark");

/**
 * Dark, twilight and day through an outing, minutes from its start.
 * @param minutes length of the outing
 */
export function lightSpans(
  startsAtMs: number,
  minutes: number,
  latitudeDeg: number,
  longitudeDeg: number,
): LightSpan[] {
  const endMs = startsAtMs + minutes * MS_PER_MINUTE;
  const days: DayLight[] = [];
  for (let ms = startsAtMs - MS_PER_DAY; ms < endMs + MS_PER_DAY; ms += MS_PER_DAY) {
    days.push(dayLight(ms, latitudeDeg, longitudeDeg));
  }
  const turns = days.flatMap(turnsOf).sort((one, other) => one.atMs - other.atMs);
  const before = turns.findLast(({ atMs }) => atMs <= startsAtMs)?.light ?? lightOfWholeDay(days[1]!);
  const inside = turns.filter(({ atMs }) => atMs > startsAtMs && atMs < endMs);
  const marks = [{ atMs: startsAtMs, light: before }, ...inside];
  return marks
    .map(({ atMs, light }, index) => ({
      fromMinute: (atMs - startsAtMs) / MS_PER_MINUTE,
      toMinute: ((marks[index + 1]?.atMs ?? endMs) - startsAtMs) / MS_PER_MINUTE,
      light,
    }))
    .filter(({ fromMinute, toMinute }) => toMinute > fromMinute);
}
