import * as m from "@/messages";
import { useCallback, useEffect, useRef, useState, type ReactNode } from "react";
import { LANE_ROW_PX } from "./layout";

type Hidden = { readonly above: number; readonly below: number };
/** Less than half a row is no row. */
const LEAST_PX = LANE_ROW_PX / 2;
const rowsOf = (px: number): number => (px < LEAST_PX ? 0 : Math.max(1, Math.round(px / LANE_ROW_PX)));

/** Wear lanes that scroll by themselves where a sheet has to fit the screen; what is out of sight is told. */
export function ScrolledLanes({ rows, children }: { readonly rows: number; readonly children: ReactNode }) {
  const box = useRef<HTMLDivElement>(null);
  const [hidden, setHidden] = useState<Hidden>({ above: 0, below: 0 });
  const look = useCallback((): void => {
    const own = box.current;
    if (!own) return;
    const above = rowsOf(own.scrollTop);
    const below = rowsOf(own.scrollHeight - own.clientHeight - own.scrollTop);
    setHidden((before) => (before.above === above && before.below === below ? before : { above, below }));
  }, []);
  useEffect(() => {
    const observer = new ResizeObserver(look);
    if (box.current) observer.observe(box.current);
    return () => observer.disconnect();
  }, [look, rows]);
  const scroll = (direction: number): void =>
    box.current?.scrollBy({ top: direction * (box.current.clientHeight - LANE_ROW_PX) });
  const sign = (words: string, arrow: string, direction: number) => (
    <button type="button" className="bg-shade text-ink min-h-6 rounded px-2 text-sm" onClick={() => scroll(direction)}>
      {words} {arrow}
    </button>
  );
  return (
    <>
      <div
        ref={box}
        className="border-line own-layer lanes whole:overflow-y-auto whole:min-h-24 relative min-h-0 border-y py-1"
        tabIndex={-1}
        onScroll={look}
      >
        {children}
      </div>
      {(hidden.above > 0 || hidden.below > 0) && (
        <p className="no-print flex justify-end gap-2 pt-0.5" data-testid="lanes-hidden">
          {hidden.above > 0 && sign(m.moreAbove({ count: hidden.above }), "↑", -1)}
          {hidden.below > 0 && sign(m.moreBelow({ count: hidden.below }), "↓", 1)}
        </p>
      )}
    </>
  );
}
