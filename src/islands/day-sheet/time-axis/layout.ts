import type { TimeAxis } from "@/charts/time-axis";
import type { Lane, LaneItem } from "@/charts/spans";

/** Measures of the day sheet, px. */
const WEATHER_PX = 88;
const PHASES_PX = 26;
const ROW_PX = 21;
const LANE_GAP_PX = 6;
const SECTION_GAP_PX = 10;
const TITLE_PX = 18;
const TEMPERATURES_PX = 122;
const DEBT_PX = 62;
const WATER_PX = 30;
const AXIS_PX = 22;
const GUTTER_PX = 112;
const NARROW_PX = 620;

export const BAR_PX = 18;
export const LANE_ROW_PX = ROW_PX;
/** Height left free above a lane's line. */
export const LANE_LINE_PX = 3;

export type Section = { readonly top: number; readonly height: number };

export type SheetFrame = {
  /** Titles stand above their sections instead of in a gutter. */
  readonly narrow: boolean;
  readonly left: number;
  readonly right: number;
  readonly width: number;
};

/** Horizontal frame, the same for all parts of the sheet. */
export function sheetFrame(width: number): SheetFrame {
  const narrow = width < NARROW_PX;
  return { narrow, left: narrow ? 34 : GUTTER_PX, right: width - 18, width };
}

type Stack = { readonly sections: readonly Section[]; readonly height: number };

/** Sections from top to bottom. */
function stacked(narrow: boolean, heights: readonly number[], gap: number): Stack {
  let y = 0;
  const sections = heights.map((height): Section => {
    const top = y + (narrow ? TITLE_PX : 0);
    y = top + height + gap;
    return { top, height };
  });
  return { sections, height: y };
}

/** Weather and phases, above the lanes. */
export function topLayout({ narrow }: SheetFrame): { weather: Section; phases: Section; height: number } {
  const { sections, height } = stacked(narrow, [WEATHER_PX, PHASES_PX], SECTION_GAP_PX);
  return { weather: sections[0]!, phases: sections[1]!, height: height - SECTION_GAP_PX + 4 };
}

/** Wear lanes; they scroll by themselves where there is no room. */
export const lanesLayout = ({ narrow }: SheetFrame, lanes: readonly Lane<LaneItem>[]): Stack =>
  stacked(
    narrow,
    lanes.map(({ rows }) => rows * ROW_PX),
    LANE_GAP_PX,
  );

/** Curves and the axis, below the lanes. */
export function curvesLayout({ narrow }: SheetFrame): {
  temperatures: Section;
  debt: Section;
  water: Section;
  axis: Section;
  height: number;
} {
  const { sections, height } = stacked(narrow, [TEMPERATURES_PX, DEBT_PX, WATER_PX], SECTION_GAP_PX);
  const axisTop = height - SECTION_GAP_PX + 2;
  return {
    temperatures: sections[0]!,
    debt: sections[1]!,
    water: sections[2]!,
    axis: { top: axisTop, height: AXIS_PX },
    height: axisTop + AXIS_PX,
  };
}

const NARROW_LEGEND_X_PX = 66; // beside the title
const LEGEND_TOP_PX = 11;

/** Where a section's names of curves stand. */
export const legendAt = (
  { left }: Pick<TimeAxis, "left">,
  { narrow }: Pick<SheetFrame, "narrow">,
  { top }: Pick<Section, "top">,
): { readonly x: number; readonly y: number } => ({
  x: narrow ? NARROW_LEGEND_X_PX : left + 6,
  y: top + (narrow ? -5 : LEGEND_TOP_PX),
});
