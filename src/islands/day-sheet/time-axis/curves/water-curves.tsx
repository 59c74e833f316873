import * as m from "@/messages";
import { quantityText } from "@/formats/display/quantities";
import { bodyChart, type Curve } from "@/charts/body-chart";
import type { TimeAxis } from "@/charts/time-axis";
import type { OutingSeries } from "@/core/simulation";
import type { CurveLook } from "./curve-look";
import { Curves, Legend } from "./curve-parts";
import { legendAt, type Section, type SheetFrame } from "../layout";
import { SectionTitle } from "../timeline-parts";

const LOOKS: Readonly<Record<string, CurveLook>> = {
  waterTrunk: { className: "stroke-sea", name: m.trunk },
  waterFeet: { className: "stroke-sea", dash: "6 3", name: m.feet },
  waterHands: { className: "stroke-sea", dash: "2 3", name: m.hands },
};
/** Clothes with less water than this are as good as dry: the scale never shows less as much, g/m². */
const WATER_SPAN = { lowest: 0, highest: 60 };
const waterCurves = ({ waterGPerM2 }: OutingSeries): Curve[] => [
  { key: "waterTrunk", values: waterGPerM2.trunk },
  { key: "waterFeet", values: waterGPerM2.feet },
  { key: "waterHands", values: waterGPerM2.hands },
];
/** Water in the clothes of trunk, feet and hands. */
export function WaterCurves({
  axis,
  frame,
  section,
  series,
}: {
  readonly axis: TimeAxis;
  readonly frame: SheetFrame;
  readonly section: Section;
  readonly series: OutingSeries;
}) {
  const curves = waterCurves(series);
  const chart = bodyChart(axis, curves, [], { ...section, ...WATER_SPAN });
  return (
    <>
      <SectionTitle frame={frame} section={section} title={m.water} />
      <text x={axis.right - 4} y={section.top + 10} textAnchor="end" fontSize={11.5} className="fill-muted">
        {m.to2({ quantity: quantityText("areal", chart.y.domain()[1]!) })}
      </text>
      <line x1={axis.left} x2={axis.right} y1={chart.y(0)} y2={chart.y(0)} className="stroke-line" />
      <Curves paths={chart.curves} looks={LOOKS} />
      <Legend curves={curves} looks={LOOKS} {...legendAt(axis, frame, section)} />
    </>
  );
}
