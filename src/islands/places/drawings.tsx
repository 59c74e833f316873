import type { ReactNode } from "react";
import type { Ground, Shelter } from "@/core/weather";

// Our own small drawings, 64 by 36: what the wind finds in its way, and what lies under the soles.

const LINE = { stroke: "currentColor", strokeWidth: 1.5, fill: "none", strokeLinecap: "round" } as const;
const FLOOR = <path d="M2 31 H62" {...LINE} />;

const spruce = (x: number, height: number): ReactNode => (
  <path key={x} d={`M${x} ${31 - height} l${height * 0.28} ${height} h${-height * 0.56} Z`} fill="currentColor" />
);
/** Someone who sits. */
const sitter = (x: number): ReactNode => (
  <g {...LINE} strokeWidth={2.2}>
    <circle cx={x} cy="18" r="2" fill="currentColor" />
    <path d={`M${x} 20.5 v5 h5 v5.5`} />
  </g>
);
const wind = (count: number): ReactNode => (
  <g {...LINE} className="stroke-sea">
    {Array.from({ length: count }, (_, index) => (
      <path key={index} d={`M3 ${10 + index * 6} h14 q4 0 4 -3`} />
    ))}
  </g>
);

export const SHELTER_DRAWINGS: Readonly<Record<Shelter, ReactNode>> = {
  openIce: (
    <>
      {FLOOR}
      {wind(3)}
      {sitter(40)}
    </>
  ),
  shore: (
    <>
      <path d="M2 31 q5 -3 10 0 t10 0 h40" {...LINE} />
      {wind(2)}
      {sitter(38)}
      <path d="M50 31 q4 -7 8 0 Z" fill="currentColor" />
    </>
  ),
  edgeOfWood: (
    <>
      {FLOOR}
      {wind(1)}
      {sitter(32)}
      {spruce(48, 22)}
      {spruce(57, 26)}
    </>
  ),
  insideWood: (
    <>
      {FLOOR}
      {[8, 18, 46, 57].map((x, index) => spruce(x, 20 + (index % 2) * 6))}
      {sitter(31)}
    </>
  ),
  hide: (
    <>
      {FLOOR}
      <path d="M16 31 L22 10 H46 L52 31" {...LINE} />
      <path d="M26 17 h16" {...LINE} strokeWidth={2.5} />
      {sitter(33)}
    </>
  ),
};

const sole = <path d="M24 14 v7 h-2 q-1 4 2 4 h15 q3 0 2 -3 q-1 -3 -8 -3 v-5 Z" fill="currentColor" />;
const under = (drawing: ReactNode): ReactNode => (
  <>
    {sole}
    {drawing}
  </>
);

export const GROUND_DRAWINGS: Readonly<Record<Ground, ReactNode>> = {
  metal: under(<path d="M10 27 h44 M14 27 v5 M22 27 v5 M30 27 v5 M38 27 v5 M46 27 v5" {...LINE} />),
  ice: under(<path d="M8 27 h48 M16 27 l6 6 M34 27 l-4 4 M44 27 l7 7" {...LINE} className="stroke-sea" />),
  snow: under(<path d="M8 27 q6 -3 12 0 t12 0 t12 0 t12 0 M14 32 h.1 M26 33 h.1 M38 32 h.1 M50 33 h.1" {...LINE} />),
  wood: under(<path d="M8 27 h48 v6 h-48 Z M26 27 v6 M42 27 v6" {...LINE} />),
  dryGround: under(<path d="M8 27 h48 M14 27 l-2 -5 M17 27 l1 -6 M48 27 l-1 -5 M51 27 l3 -5" {...LINE} />),
  rock: under(<path d="M8 33 l6 -6 h14 l4 2 l6 -2 h12 l6 6" {...LINE} />),
  water: under(
    <path d="M8 24 q4 -3 8 0 M44 24 q4 -3 8 0 M8 30 q4 -3 8 0 t8 0 t8 0 t8 0 t8 0" {...LINE} className="stroke-sea" />,
  ),
};
