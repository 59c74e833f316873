import * as m from "@/messages";
import { useDrag } from "@use-gesture/react";
import type { KeyboardEvent } from "react";
import { FINE_MINUTES, SNAP_MINUTES } from "@/charts/drag";
import type { TimeAxis } from "@/charts/time-axis";
import { clockText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $readMinute } from "@/stores/sheet/day-sheet";
import type { Section } from "./layout";

type Props = {
  readonly view: OutingView;
  readonly axis: TimeAxis;
  readonly sections: { readonly temperatures: Section; readonly axis: Section };
  readonly minute: number;
};

const HOUR_MINUTES = 60;
const KEY_STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -SNAP_MINUTES,
  ArrowRight: SNAP_MINUTES,
  ArrowDown: -FINE_MINUTES,
  ArrowUp: FINE_MINUTES,
  PageDown: -HOUR_MINUTES,
  PageUp: HOUR_MINUTES,
  Home: -Infinity,
  End: Infinity,
};

/** Chooses the minute that is read out: pressed or dragged over the curves, or by keys on its knob. */
export function Scrubber({ view, axis, sections, minute }: Props) {
  const read = (at: number): void => $readMinute.set(Math.round(Math.min(axis.totalMinutes, Math.max(0, at))));
  const bind = useDrag(
    ({ xy: [clientX], event }) => {
      const box = (event.target as Element | null)?.closest("svg")?.getBoundingClientRect();
      if (box) read(axis.x.invert(clientX - box.left));
    },
    { pointer: { keys: false } },
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = KEY_STEPS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    read(minute + step);
  };
  const clock = clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  const x = axis.x(minute);
  const y = sections.axis.top;
  return (
    <g>
      <rect
        {...bind()}
        x={axis.left}
        y={sections.temperatures.top}
        width={axis.right - axis.left}
        height={sections.axis.top + sections.axis.height - sections.temperatures.top}
        className="cursor-crosshair touch-pan-y fill-transparent"
      />
      <g
        role="slider"
        tabIndex={0}
        aria-label={m.minuteLookedAt}
        aria-valuemin={0}
        aria-valuemax={axis.totalMinutes}
        aria-valuenow={minute}
        aria-valuetext={clock}
        onKeyDown={onKeyDown}
        className="outline-none"
      >
        <path
          d={`M${x},${y - 2} l7,9 h-14 z`}
          strokeWidth={2}
          className="focus-ring fill-ink stroke-ground pointer-events-none"
        />
      </g>
    </g>
  );
}
