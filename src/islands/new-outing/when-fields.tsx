import * as m from "@/messages";
import { clockText, dateText } from "@/formats/display/time";
import { MS_PER_HOUR } from "@/core/units";
import { ChoiceField } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";
import { TimeInput } from "../fields/time-input";
import { isBySun, START_WAYS, START_WORDS, type Start, type When } from "./when";

const SIT_RANGE_H = [0.25, 24] as const;
const BEFORE_RANGE = [-360, 360] as const;

type Props = {
  readonly when: When;
  readonly sitHours: number;
  readonly start: Start | string;
  readonly timeZone: string;
  readonly onWhen: (when: When) => void;
  readonly onSitHours: (hours: number) => void;
};

/** The day, the start by clock or by the sun, and how long one means to sit; with what that comes to. */
export function WhenFields({ when, sitHours, start, timeZone, onWhen, onSitHours }: Props) {
  const set = (part: Partial<When>): void => onWhen({ ...when, ...part });
  const clock = (ms: number): string => clockText(ms, timeZone);
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-4">
        <TimeInput label={m.dayTitle} type="date" value={when.date} onChange={(date) => set({ date })} />
        <ChoiceField
          label={m.start}
          value={when.way}
          options={START_WAYS.map((way) => [way, START_WORDS[way]] as const)}
          onChange={(way) => set({ way })}
        />
        {isBySun(when.way) ? (
          <NumberField
            label={m.minutesBefore}
            unit={m.min2}
            value={when.minutesBefore}
            low={BEFORE_RANGE[0]}
            high={BEFORE_RANGE[1]}
            step={15}
            decimals={0}
            onChange={(minutesBefore) => set({ minutesBefore })}
          />
        ) : (
          <TimeInput label={m.clock} type="time" value={when.clock} onChange={(next) => set({ clock: next })} />
        )}
        <NumberField
          label={m.toSitStillFor}
          unit={m.hWords}
          value={sitHours}
          low={SIT_RANGE_H[0]}
          high={SIT_RANGE_H[1]}
          step={0.5}
          decimals={2}
          onChange={onSitHours}
        />
      </div>
      <p role="status" className="text-sm" data-testid="start-told">
        {typeof start === "string" ? (
          start
        ) : (
          <>
            {dateText(start.startMs, timeZone)}
            {m.walkAt} {clock(start.startMs)}
            {m.seatedAt} {clock(start.seatedMs)}
            {m.upAt} {clock(start.seatedMs + sitHours * MS_PER_HOUR)}
            {m.byTheClockOf} {timeZone.replaceAll("_", " ")}.
          </>
        )}
      </p>
    </div>
  );
}
