import { fitText } from "@/charts/fit-text";
import type { Lane, LaneItem } from "@/charts/spans";
import type { TimeAxis } from "@/charts/time-axis";
import { clockText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing-view";
import type { Selection } from "@/stores/day-sheet";
import { BAR_PX, LANE_ROW_PX, type SheetLayout } from "./layout";
import { Pressable, SectionTitle } from "./timeline-parts";

export type WornItem = LaneItem & { readonly name: string; readonly side: "left" | "right" | "both" };

type Props = {
  readonly view: OutingView;
  readonly axis: TimeAxis;
  readonly layout: SheetLayout;
  readonly lanes: readonly Lane<WornItem>[];
  readonly selection: Selection;
  readonly onSelect: (selection: Selection) => void;
};

const FONT_PX = 12.5;
const PADDING_PX = 9;

const nameOf = ({ name, side }: WornItem): string => (side === "both" ? name : `${name} · ${side}`);

/** Wear lanes from head to foot: a bar while a piece is on, layers from the skin going down. */
export function TimelineLanes({ view, layout, lanes, selection, onSelect }: Omit<Props, "axis">) {
  const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  return (
    <g>
      {lanes.map(({ lane, bars }, place) => {
        const section = layout.lanes[place]!;
        return (
          <g key={lane}>
            <line
              x1={0}
              x2={layout.width}
              y1={section.top - (layout.narrow ? 20 : 4)}
              y2={section.top - (layout.narrow ? 20 : 4)}
              className="stroke-line"
            />
            <SectionTitle layout={layout} section={section} title={lane} />
            {bars.map(({ item, row, x, width }) => {
              const y = section.top + row * LANE_ROW_PX;
              const chosen = selection?.kind === "wearing" && selection.id === item.id;
              return (
                <Pressable
                  key={item.id}
                  label={`${lane}: ${nameOf(item)}, on from ${clock(item.fromMinute)} to ${clock(item.toMinute)}`}
                  pressed={chosen}
                  onPress={() => onSelect({ kind: "wearing", id: item.id })}
                >
                  <rect x={x} y={y - 2} width={width} height={LANE_ROW_PX} className="fill-transparent" />
                  <rect
                    x={x + 0.5}
                    y={y}
                    width={Math.max(2, width - 1)}
                    height={BAR_PX}
                    rx={Math.min(BAR_PX / 2, width / 3)}
                    strokeWidth={chosen ? 2.5 : 1}
                    className={`focus-ring fill-raised ${chosen ? "stroke-accent-text" : "stroke-ink"}`}
                  />
                  <text x={x + PADDING_PX} y={y + 14.5} fontSize={FONT_PX} className="fill-ink">
                    {fitText(nameOf(item), width - 2 * PADDING_PX, FONT_PX)}
                  </text>
                </Pressable>
              );
            })}
          </g>
        );
      })}
    </g>
  );
}
