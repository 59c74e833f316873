import { FIGURES, type Figure } from "@/core/body";

const STEP = 1.9;

/** Our own drawing of a standing figure, wider the stouter it is. */
export function FigureDrawing({ figure }: { readonly figure: Figure }) {
  const girth = FIGURES.indexOf(figure) * STEP;
  const waist = 6 + girth;
  const hip = 8 + girth * 0.9;
  const chest = 9 + girth * 0.6;
  const leg = 3 + girth * 0.35;
  const body = [
    `M ${-chest} 22`,
    `Q ${-chest - 1} 30 ${-waist} 40`,
    `Q ${-hip - 1} 48 ${-hip} 54`,
    `L ${-leg - 2} 88 L ${-1} 88 L 0 60 L 1 88 L ${leg + 2} 88`,
    `L ${hip} 54 Q ${hip + 1} 48 ${waist} 40`,
    `Q ${chest + 1} 30 ${chest} 22 Q 0 15 ${-chest} 22 Z`,
  ].join(" ");
  const arm = 2.4 + girth * 0.2;
  return (
    <svg viewBox="-26 0 52 92" className="h-20 w-11" aria-hidden="true" focusable="false">
      <g fill="currentColor">
        <ellipse cx="0" cy="9" rx={5 + girth * 0.15} ry="6.5" />
        <path d={body} />
      </g>
      <g stroke="currentColor" strokeLinecap="round" strokeWidth={arm * 1.6} fill="none">
        <path d={`M ${-chest} 24 Q ${-chest - 5} 40 ${-hip - 3} 56`} />
        <path d={`M ${chest} 24 Q ${chest + 5} 40 ${hip + 3} 56`} />
      </g>
    </svg>
  );
}
