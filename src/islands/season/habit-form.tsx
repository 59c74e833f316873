import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import type { MonthDay, SeasonHabit } from "@/core/season";
import { MINUTES_PER_HOUR } from "@/core/units";
import { daysOfWeek, monthName, weekdayName } from "@/formats/display/calendar-words";
import { CheckField } from "../fields/check-field";
import { ChoiceField } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";
import { TimeInput } from "../fields/time-input";
import { $preferences } from "@/stores/preferences";

const BEGINS_WORDS: Readonly<Record<SeasonHabit["begins"]["by"], string>> = {
  sunrise: m.seasonBySunrise,
  sunset: m.seasonBySunset,
  clock: m.seasonByClock,
};
const WANTED_HOURS = [0.5, 12] as const;
const SUN_MINUTES = [-240, 240] as const;
const NOON_MINUTES = 12 * MINUTES_PER_HOUR;
const MONTHS = Array.from({ length: 12 }, (_, index) => index + 1);
const DAYS = Array.from({ length: 31 }, (_, index) => String(index + 1));

const clockOf = (minutes: number): string =>
  [Math.floor(minutes / MINUTES_PER_HOUR), minutes % MINUTES_PER_HOUR]
    .map((own) => String(own).padStart(2, "0"))
    .join(":");

type Props = { readonly habit: SeasonHabit; readonly onChange: (habit: SeasonHabit) => void };

/** When somebody sits, week by week. */
export function HabitForm({ habit, onChange }: Props) {
  const { firstDay } = useStore($preferences);
  const change = (part: Partial<SeasonHabit>): void => onChange({ ...habit, ...part });
  const { begins } = habit;
  return (
    <div className="flex flex-col gap-3">
      <fieldset>
        <legend className="text-muted pb-1 text-sm">{m.seasonWeekdays}</legend>
        <div className="grid grid-cols-2 gap-x-3 gap-y-1">
          {daysOfWeek(firstDay).map((weekday) => (
            <CheckField
              key={weekday}
              label={weekdayName(weekday)}
              checked={habit.weekdays.includes(weekday)}
              onChange={(isOn) =>
                change({
                  weekdays: isOn ? [...habit.weekdays, weekday] : habit.weekdays.filter((own) => own !== weekday),
                })
              }
            />
          ))}
        </div>
      </fieldset>
      <MonthDayField label={m.seasonFrom} value={habit.from} onChange={(from) => change({ from })} />
      <MonthDayField label={m.seasonTo} value={habit.to} onChange={(to) => change({ to })} />
      <ChoiceField
        label={m.seasonBegins}
        value={begins.by}
        options={Object.entries(BEGINS_WORDS) as [SeasonHabit["begins"]["by"], string][]}
        onChange={(by) => change({ begins: { by, minutes: by === "clock" ? NOON_MINUTES : 0 } })}
      />
      {begins.by === "clock" ? (
        <TimeInput
          label={m.seasonClock}
          type="time"
          value={clockOf(begins.minutes)}
          onChange={(typed) => {
            const [hours, minutes] = typed.split(":").map(Number);
            // Half typed: the browser keeps what stands there.
            if (hours === undefined || minutes === undefined || Number.isNaN(hours + minutes)) return;
            change({ begins: { by: "clock", minutes: hours * MINUTES_PER_HOUR + minutes } });
          }}
        />
      ) : (
        <NumberField
          label={m.seasonAfterSun}
          unit={m.min2}
          value={begins.minutes}
          low={SUN_MINUTES[0]}
          high={SUN_MINUTES[1]}
          step={15}
          decimals={0}
          onChange={(minutes) => change({ begins: { ...begins, minutes } })}
        />
      )}
      <NumberField
        label={m.reachWanted}
        unit={m.hoursUnit}
        value={habit.wantedMinutes / MINUTES_PER_HOUR}
        low={WANTED_HOURS[0]}
        high={WANTED_HOURS[1]}
        step={0.5}
        decimals={1}
        onChange={(hours) => change({ wantedMinutes: Math.round(hours * MINUTES_PER_HOUR) })}
      />
    </div>
  );
}

type MonthDayProps = {
  readonly label: string;
  readonly value: MonthDay;
  readonly onChange: (value: MonthDay) => void;
};

/** A day of a month, of any year. */
const MonthDayField = ({ label, value, onChange }: MonthDayProps) => (
  <div role="group" aria-label={label} className="flex items-end gap-2">
    <ChoiceField
      label={m.seasonDayOf({ what: label })}
      value={String(value.day)}
      options={DAYS.map((day) => [day, day] as const)}
      onChange={(day) => onChange({ ...value, day: Number(day) })}
    />
    <ChoiceField
      label={m.seasonMonthOf({ what: label })}
      value={String(value.month)}
      options={MONTHS.map((month) => [String(month), monthName(month)] as const)}
      onChange={(month) => onChange({ ...value, month: Number(month) })}
    />
  </div>
);
