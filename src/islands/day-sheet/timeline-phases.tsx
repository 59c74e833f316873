import { fitText } from "@/charts/fit-text";
import { phaseSpans } from "@/charts/spans";
import type { TimeAxis } from "@/charts/time-axis";
import { durationText } from "@/formats/display/time";
import { PHASE_WORDS } from "@/formats/display/words";
import type { OutingView } from "@/formats/wire/outing-view";
import type { Selection } from "@/stores/day-sheet";
import type { SheetLayout } from "./layout";
import { Pressable, SectionTitle } from "./timeline-parts";

type Props = {
  readonly view: OutingView;
  readonly axis: TimeAxis;
  readonly layout: SheetLayout;
  readonly selection: Selection;
  readonly onSelect: (selection: Selection) => void;
};

const FONT_PX = 13;
const PADDING_PX = 7;
const LEAST_TARGET_PX = 24;

/** Phases as spans; a short one keeps a target wide enough to press. */
export function TimelinePhases({ view, axis, layout, selection, onSelect }: Props) {
  const { top, height } = layout.phases;
  return (
    <g>
      <SectionTitle layout={layout} section={layout.phases} title="Phases" />
      {phaseSpans(axis, view.phases).map(({ x, width }, index) => {
        const phase = view.phases[index]!;
        const chosen = selection?.kind === "phase" && selection.index === index;
        const words = PHASE_WORDS[phase.kind];
        const spare = Math.max(0, LEAST_TARGET_PX - width) / 2;
        return (
          <Pressable
            key={phase.id}
            label={`Phase ${index + 1}, ${words}: ${durationText(phase.minutes)}, ${phase.posture}`}
            pressed={chosen}
            onPress={() => onSelect({ kind: "phase", index })}
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
            <text x={x + PADDING_PX} y={top + 20} fontSize={FONT_PX} className="fill-ink">
              {fitText(words, width - PADDING_PX - 2, FONT_PX)}
            </text>
          </Pressable>
        );
      })}
    </g>
  );
}
