import * as m from "@/messages";
import { LANE_WORDS, SIDE_WORDS } from "@/formats/display/words/body-words";
import { totalMinutes } from "@/core/outing";
import { memo, type KeyboardEvent } from "react";
import { FINE_MINUTES, gripAt, minutesOf, movedSpan, SNAP_MINUTES, type Grip } from "@/charts/drag";
import { fitText } from "@/charts/fit-text";
import type { LaneName } from "@/core/pieces";
import type { Lane, LaneItem } from "@/charts/spans";
import type { TimeAxis } from "@/charts/time-axis";
import { clockText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView, WearingView } from "@/formats/wire/outing/outing-view";
import type { Selection } from "@/stores/sheet/day-sheet";
import { editWearing, removeWearing } from "@/stores/sheet/edits";
import { drawnFrom } from "../drawn-from";
import { BAR_PX, LANE_LINE_PX, LANE_ROW_PX, type Section, type SheetFrame } from "./layout";
import { Pressable, SectionTitle } from "./timeline-parts";
import { useHeld } from "./use-held";

/** Something of a piece that is on or off, shut or open. */
export type Regulator = {
  readonly name: string;
  readonly isOn: boolean;
  /** In words, as it is: "hood on", "zip open". */
  readonly state: string;
  /** The wearing with it the other way. */
  readonly toggled: Partial<WearingView>;
  readonly command: string;
};

export type WornItem = LaneItem & {
  readonly name: string;
  readonly side: "left" | "right" | "both";
  /** Hood, cap, zip: what is changed by hand on the way, on the bar itself. */
  readonly regulators: readonly Regulator[];
  /** What is wrong with it as planned. */
  readonly problem: string | null;
};

type Props = {
  readonly view: OutingView;
  readonly axis: TimeAxis;
  readonly frame: SheetFrame;
  readonly sections: readonly Section[];
  readonly lanes: readonly Lane<WornItem>[];
  readonly selection: Selection;
  readonly onSelect: (selection: Selection) => void;
};

const FONT_PX = 12.5;
const PADDING_PX = 9;
const PART_PX = 50;
const EDGE_PX = 7;
/** Left for the name before a regulator finds room. */
const NAME_PX = 100;

const nameOf = ({ name, side }: WornItem): string => (side === "both" ? name : `${name} · ${SIDE_WORDS[side]}`);

/** Left and right move a bar's beginning, with Shift its end, with Alt the whole; Delete leaves the piece off. */
function onBarKey(event: KeyboardEvent, item: WornItem, total: number): boolean {
  if (event.key === "Delete" || event.key === "Backspace") {
    removeWearing(item.id);
    return true;
  }
  const sign = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
  if (sign === 0) return false;
  const grip: Grip = event.altKey ? "whole" : event.shiftKey ? "end" : "start";
  moveBar(item, grip, sign * SNAP_MINUTES, false, total);
  return true;
}

type Spanned = { readonly fromMinute: number; readonly toMinute: number };
function moveBar(item: Spanned & { id: string }, grip: Grip, byMinutes: number, isFine: boolean, total: number): void {
  const span = movedSpan(item, grip, byMinutes, isFine ? FINE_MINUTES : SNAP_MINUTES, total);
  editWearing(grip === "start" ? m.putOnAtAnotherTime : m.wearForAnotherTime, item.id, span);
}

type BarProps = Pick<Props, "axis" | "onSelect"> & {
  readonly lane: LaneName;
  readonly startsAt: string;
  readonly timeZone: string;
  /** Minutes of all phases. */
  readonly total: number;
  readonly isChosen: boolean;
  readonly item: WornItem;
  readonly x: number;
  readonly width: number;
  readonly y: number;
};

/** A regulator on the bar: pressed while it is on, or shut. */
function RegulatorToggle({ item, regulator, x, y }: { item: WornItem; regulator: Regulator; x: number; y: number }) {
  const { name, isOn, state, toggled, command } = regulator;
  return (
    <Pressable label={`${item.name}: ${state}`} pressed={isOn} onPress={() => editWearing(command, item.id, toggled)}>
      <rect x={x} y={y - 3} width={PART_PX} height={LANE_ROW_PX + 3} className="fill-transparent" />
      <rect
        x={x}
        y={y + 2.5}
        width={PART_PX - 2}
        height={BAR_PX - 5}
        rx={6}
        className={`focus-ring stroke-muted ${isOn ? "fill-shade" : "fill-ground"}`}
      />
      <circle
        cx={x + 9}
        cy={y + BAR_PX / 2}
        r={3.5}
        strokeWidth={1.5}
        className={`stroke-accent-text ${isOn ? "fill-accent-text" : "fill-ground"}`}
      />
      <text x={x + 16} y={y + 13} fontSize={11} className="fill-ink">
        {name}
      </text>
    </Pressable>
  );
}

/** Drawn again where the edit is, and nowhere else. */
const Bar = memo(function Bar(props: BarProps) {
  const { axis, onSelect, lane, startsAt, timeZone, total, isChosen, item, x, width, y } = props;
  const clock = (minute: number): string => clockText(instantAt(startsAt, minute), timeZone);
  const select = (): void => onSelect({ kind: "wearing", id: item.id });
  const bind = useHeld<{ grip: Grip; item: Spanned & { id: string } }>(
    {
      take: (at) => ({
        grip: gripAt(at.x, x, width),
        item: { id: item.id, fromMinute: item.fromMinute, toMinute: item.toMinute },
      }),
      move: (held, by, isFine) => moveBar(held.item, held.grip, minutesOf(axis, by.x), isFine, total),
    },
    axis.totalMinutes,
  );
  const shown = item.regulators.slice(0, Math.max(0, Math.floor((width - NAME_PX) / PART_PX)));
  const warn = item.problem === null ? "" : m.problem({ problem: item.problem });
  const room = width - 2 * PADDING_PX - shown.length * PART_PX - (item.problem === null ? 0 : 16);
  return (
    <>
      <Pressable
        {...bind()}
        opensEditor
        label={m.onFromTo({
          lane: LANE_WORDS[lane],
          nameOf: nameOf(item),
          clock: clock(item.fromMinute),
          clock2: clock(item.toMinute),
          warn,
        })}
        pressed={isChosen}
        onPress={select}
        onKey={(event) => onBarKey(event, item, total)}
        shortcuts="ArrowLeft ArrowRight Shift+ArrowLeft Shift+ArrowRight Alt+ArrowLeft Alt+ArrowRight Delete"
      >
        <rect x={x} y={y - 1} width={width} height={LANE_ROW_PX} className="cursor-grab touch-pan-y fill-transparent" />
        <rect
          x={x + 0.5}
          y={y}
          width={Math.max(2, width - 1)}
          height={BAR_PX}
          rx={Math.min(BAR_PX / 2, width / 3)}
          strokeWidth={isChosen ? 2.5 : 1}
          className={`focus-ring fill-raised cursor-grab ${item.problem !== null ? "stroke-cranberry" : isChosen ? "stroke-accent-text" : "stroke-ink"}`}
        />
        {/* What is held has to stay the same element while it moves, or the browser lets go of it. */}
        {(["start", "end"] as const).map((end) => (
          <rect
            key={end}
            x={end === "start" ? x : x + width - EDGE_PX}
            y={y}
            width={EDGE_PX}
            height={BAR_PX}
            className="cursor-ew-resize fill-transparent"
          />
        ))}
        {item.problem !== null && (
          <text x={x + PADDING_PX} y={y + 14} fontSize={13} fontWeight={700} className="fill-cranberry">
            !<title>{item.problem}</title>
          </text>
        )}
        <text
          x={x + PADDING_PX + (item.problem === null ? 0 : 12)}
          y={y + 13.5}
          fontSize={FONT_PX}
          className="fill-ink pointer-events-none"
        >
          {fitText(nameOf(item), room, FONT_PX)}
        </text>
      </Pressable>
      {shown.map((regulator, index) => (
        <RegulatorToggle
          key={regulator.name}
          item={item}
          regulator={regulator}
          x={x + width - 8 - PART_PX * (index + 1)}
          y={y}
        />
      ))}
    </>
  );
});

/** Where a piece is carried: dots from start to end under what is worn of it. */
function Carried({ axis, y }: { readonly axis: TimeAxis; readonly y: number }) {
  return (
    <line
      x1={axis.left}
      x2={axis.right}
      y1={y + BAR_PX / 2}
      y2={y + BAR_PX / 2}
      strokeDasharray="1 5"
      strokeLinecap="round"
      strokeWidth={1.5}
      className="stroke-muted"
    />
  );
}

/** Wear lanes from head to foot: a bar while a piece is on, layers from the skin going down, dots while it is carried. */
function AllLanes(props: Props) {
  const { view, axis, frame, sections, lanes, selection, onSelect } = props;
  const total = totalMinutes(view.phases);
  const chosenId = selection?.kind === "wearing" ? selection.id : null;
  return (
    <g>
      {lanes.map(({ lane, bars, rows }, index) => {
        const section = sections[index]!;
        const lineY = section.top - (frame.narrow ? 20 : LANE_LINE_PX);
        return (
          <g key={lane}>
            {index > 0 && <line x1={0} x2={frame.width} y1={lineY} y2={lineY} className="stroke-line" />}
            <SectionTitle frame={frame} section={section} title={LANE_WORDS[lane]} />
            {Array.from({ length: rows }, (_, row) => (
              <Carried key={row} axis={axis} y={section.top + row * LANE_ROW_PX} />
            ))}
            {bars.map(({ item, x, width, row }) => (
              <Bar
                key={item.id}
                axis={axis}
                onSelect={onSelect}
                lane={lane}
                startsAt={view.startsAt}
                timeZone={view.place.timeZone}
                total={total}
                isChosen={chosenId === item.id}
                item={item}
                x={x}
                width={width}
                y={section.top + row * LANE_ROW_PX}
              />
            ))}
          </g>
        );
      })}
    </g>
  );
}

/** Drawn again by an edit of clothes or times only; `lanes` change with the clothes. */
export const TimelineLanes = memo(AllLanes, drawnFrom("phases", "startsAt"));
