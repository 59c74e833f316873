import type { Lane, LaneItem } from "@/charts/spans";

/** Vertical measures of the day sheet, px. */
const WEATHER_PX = 100;
const PHASES_PX = 30;
const ROW_PX = 22;
const LANE_GAP_PX = 7;
const SECTION_GAP_PX = 14;
const TITLE_PX = 18;
const TEMPERATURES_PX = 170;
const DEBT_PX = 84;
const AXIS_PX = 24;
const GUTTER_PX = 132;
const NARROW_PX = 620;

export const BAR_PX = 19;
export const LANE_ROW_PX = ROW_PX;

export type Section = { readonly top: number; readonly height: number };

export type SheetLayout = {
  /** Titles stand above their sections instead of in a gutter. */
  readonly narrow: boolean;
  readonly left: number;
  readonly width: number;
  readonly height: number;
  readonly weather: Section;
  readonly phases: Section;
  readonly lanes: readonly Section[];
  readonly temperatures: Section;
  readonly debt: Section;
  readonly axis: Section;
};

/** Horizontal frame, needed before the lanes are known. */
export const sheetFrame = (width: number): { narrow: boolean; left: number; right: number } => {
  const narrow = width < NARROW_PX;
  return { narrow, left: narrow ? 34 : GUTTER_PX, right: width - 14 };
};

/** Stacks the sections from top to bottom. */
export function sheetLayout(width: number, lanes: readonly Lane<LaneItem>[]): SheetLayout {
  const { narrow, left } = sheetFrame(width);
  const title = narrow ? TITLE_PX : 0;
  let y = 0;
  const section = (height: number, gap = SECTION_GAP_PX): Section => {
    const top = y + title;
    y = top + height + gap;
    return { top, height };
  };
  const weather = section(WEATHER_PX);
  const phases = section(PHASES_PX);
  const laneSections = lanes.map(({ rows }) => section(rows * ROW_PX, LANE_GAP_PX));
  y += SECTION_GAP_PX;
  const temperatures = section(TEMPERATURES_PX, SECTION_GAP_PX + 4);
  const debt = section(DEBT_PX, 4);
  const axis = { top: y, height: AXIS_PX };
  return { narrow, left, width, height: y + AXIS_PX, weather, phases, lanes: laneSections, temperatures, debt, axis };
}
