import * as m from "@/messages";
import { useId, useState } from "react";
import { MINUTES_PER_DAY, MINUTES_PER_HOUR, MS_PER_MINUTE } from "@/core/units";
import { clockText } from "@/formats/display/time";
import { localText } from "@/formats/local-time";
import { instantAt } from "@/formats/outing-file/to-outing";

type Props = {
  readonly label: string;
  /** Minute of the outing. */
  readonly minute: number;
  readonly low: number;
  readonly high: number;
  readonly startsAt: string;
  readonly timeZone: string;
  readonly onChange: (minute: number) => void;
};

/** A minute of the outing as the clock there shows it. Of the days it could be, the one in range and nearest is taken. */
export function ClockField({ label, minute, low, high, startsAt, timeZone, onChange }: Props) {
  const id = useId();
  const [problem, setProblem] = useState<string | null>(null);
  const shown = localText(instantAt(startsAt, minute), timeZone).slice(-"05:20".length);
  const clock = (at: number): string => clockText(Date.parse(startsAt) + at * MS_PER_MINUTE, timeZone);
  const take = (typed: string): void => {
    if (!/^\d{2}:\d{2}$/.test(typed)) return; // half typed: the browser keeps what stands there
    const [hours = 0, minutes = 0] = typed.split(":").map(Number);
    const [ownHours = 0, ownMinutes = 0] = shown.split(":").map(Number);
    const near = minute + (hours - ownHours) * MINUTES_PER_HOUR + minutes - ownMinutes;
    const days = [-2, -1, 0, 1, 2].map((day) => near + day * MINUTES_PER_DAY);
    const fitting = days
      .filter((at) => at >= low && at <= high)
      .sort((one, other) => Math.abs(one - minute) - Math.abs(other - minute));
    setProblem(fitting.length === 0 ? m.giveATimeFromTo({ clock: clock(low), clock2: clock(high) }) : null);
    if (fitting[0] !== undefined) onChange(fitting[0]);
  };
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="text-muted text-sm">
        {label}
      </label>
      <input
        id={id}
        type="time"
        className="field text-lg"
        value={shown}
        aria-invalid={problem !== null}
        aria-describedby={problem === null ? undefined : `${id}-problem`}
        onChange={(event) => take(event.target.value)}
      />
      {problem && (
        <p id={`${id}-problem`} role="alert" className="text-cranberry text-sm">
          {problem}
        </p>
      )}
    </div>
  );
}
