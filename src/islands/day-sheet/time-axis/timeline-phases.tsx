import * as m from "@/messages";
import { POSTURE_WORDS } from "@/formats/display/words/body-words";
import { memo, type KeyboardEvent } from "react";
import { FINE_MINUTES, minutesOf, SNAP_MINUTES, snapped } from "@/charts/drag";
import { fitText } from "@/charts/fit-text";
import { phaseSpans, type Span } from "@/charts/spans";
import type { TimeAxis } from "@/charts/time-axis";
import { OUTING_RANGE, totalMinutes } from "@/core/outing";
import { durationText } from "@/formats/display/time";
import { PHASE_WORDS } from "@/formats/display/words/sheet-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { Selection } from "@/stores/sheet/day-sheet";
import { editPhaseMinutes } from "@/stores/sheet/edits";
import { drawnFrom } from "../drawn-from";
import type { Section, SheetFrame } from "./layout";
import { Pressable, SectionTitle } from "./timeline-parts";
import { useHeld } from "./use-held";

type Props = {
  readonly view: OutingView;
  readonly axis: TimeAxis;
  readonly frame: SheetFrame;
  readonly section: Section;
  readonly selection: Selection;
  readonly onSelect: (selection: Selection) => void;
};

const FONT_PX = 13;
const PADDING_PX = 7;
const LEAST_TARGET_PX = 24;
const EDGE_HALF_PX = 6;

/** Gives a phase a length as far as outing and limits allow. */
function lengthen(view: OutingView, index: number, minutes: number): void {
  const [least, most] = OUTING_RANGE.phaseMinutes;
  const own = view.phases[index]!.minutes;
  const room = OUTING_RANGE.totalMinutes[1] - totalMinutes(view.phases) + own;
  editPhaseMinutes(index, Math.min(most, room, Math.max(least, minutes)));
}

/** Left and right change the length; with Shift by single minutes. */
function onPhaseKey(event: KeyboardEvent, view: OutingView, index: number): boolean {
  const sign = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
  if (sign === 0) return false;
  lengthen(view, index, view.phases[index]!.minutes + sign * (event.shiftKey ? FINE_MINUTES : SNAP_MINUTES));
  return true;
}

type PhaseProps = Omit<Props, "frame"> & { readonly span: Span; readonly index: number };

/** Where recurring tasks and breaks fall, as ticks. */
function Recurring({ view, axis, section, span, index }: PhaseProps) {
  const { recurring = [], minutes } = view.phases[index]!;
  return recurring.flatMap(({ firstAfterMinutes, everyMinutes, minutes: length }, rule) => {
    const starts: number[] = [];
    for (let at = firstAfterMinutes; at < minutes; at += everyMinutes ?? Infinity) starts.push(at);
    return starts.map((at) => {
      const x = axis.x(span.fromMinute + at);
      const width = Math.max(2, axis.x(span.fromMinute + Math.min(minutes, at + length)) - x);
      return (
        <rect
          key={`${rule} ${at}`}
          x={x}
          y={section.top + section.height - 7}
          width={width}
          height={7}
          className="fill-accent pointer-events-none"
        />
      );
    });
  });
}

/** The right edge of a phase, to be dragged. */
function Edge({ view, axis, section, span, index }: PhaseProps) {
  const bind = useHeld<number>(
    {
      take: () => view.phases[index]!.minutes,
      move: (minutes, by, isFine) =>
        lengthen(view, index, snapped(minutes + minutesOf(axis, by.x), isFine ? FINE_MINUTES : SNAP_MINUTES)),
    },
    axis.totalMinutes,
  );
  return (
    <rect
      {...bind()}
      x={span.x + span.width - EDGE_HALF_PX}
      y={section.top}
      width={2 * EDGE_HALF_PX}
      height={section.height}
      className="cursor-ew-resize touch-none fill-transparent"
    />
  );
}

function Phase(props: PhaseProps) {
  const { view, section, selection, onSelect, span, index } = props;
  const { x, width } = span;
  const { top, height } = section;
  const phase = view.phases[index]!;
  const chosen = selection?.kind === "phase" && selection.index === index;
  const words = PHASE_WORDS[phase.kind];
  const spare = Math.max(0, LEAST_TARGET_PX - width) / 2;
  const select = (): void => onSelect({ kind: "phase", index });
  return (
    <>
      <Pressable
        opensEditor
        label={m.phase({
          index: index + 1,
          words,
          minutes: durationText(phase.minutes),
          posture: POSTURE_WORDS[phase.posture],
        })}
        pressed={chosen}
        onPress={select}
        onKey={(event) => onPhaseKey(event, view, index)}
        shortcuts="ArrowLeft ArrowRight"
      >
        <rect x={x - spare} y={top} width={width + 2 * spare} height={height} className="fill-transparent" />
        <rect
          x={x}
          y={top}
          width={width}
          height={height}
          strokeWidth={chosen ? 2 : 0}
          className={`focus-ring stroke-accent-text ${phase.kind === "sit" ? "fill-shade" : "fill-accent/25"}`}
        />
        <line x1={x} x2={x} y1={top} y2={top + height} strokeWidth={2} className="stroke-accent" />
        <text x={x + PADDING_PX} y={top + 17} fontSize={FONT_PX} className="fill-ink">
          {fitText(words, width - PADDING_PX - 2, FONT_PX)}
        </text>
      </Pressable>
      <Recurring {...props} />
    </>
  );
}

/** Phases as spans; a short one keeps a target wide enough to press; their edges are dragged. */
function AllPhases(props: Props) {
  const { view, axis, frame, section } = props;
  const spans = phaseSpans(axis, view.phases);
  return (
    <g>
      <SectionTitle frame={frame} section={section} title={m.phases} />
      {spans.map((span, index) => (
        <Phase key={view.phases[index]!.id} {...props} span={span} index={index} />
      ))}
      {spans.map((span, index) => (
        <Edge key={view.phases[index]!.id} {...props} span={span} index={index} />
      ))}
    </g>
  );
}

/** Drawn again by an edit of phases only. */
export const TimelinePhases = memo(AllPhases, drawnFrom("phases"));
