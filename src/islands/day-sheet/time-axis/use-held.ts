import { useDrag } from "@use-gesture/react";
import { useRef } from "react";
import { $heldMinutes } from "@/stores/sheet/day-sheet";
import { endGesture } from "@/stores/sheet/editing";

type Moved = { readonly x: number; readonly y: number };
type Handlers<Held> = {
  /** What is held when the hand comes down there, px within the drawing. */
  readonly take: (at: Moved) => Held;
  /** Called as the hand moves, by how much since it came down. */
  readonly move: (held: Held, by: Moved, isFine: boolean) => void;
};

/**
 * Something in a drawing that is held and moved. The time axis stays as it is meanwhile.
 * @param totalMinutes what the axis spans
 */
export function useHeld<Held>({ take, move }: Handlers<Held>, totalMinutes: number) {
  const held = useRef<Held | null>(null);
  return useDrag(
    ({ first, last, tap, movement: [x, y], initial: [atX, atY], event, altKey, shiftKey }) => {
      if (tap) {
        $heldMinutes.set(null);
        return; // a press: the click that follows says so
      }
      if (first) {
        const box = (event.target as Element | null)?.closest("svg")?.getBoundingClientRect();
        held.current = take({ x: atX - (box?.left ?? 0), y: atY - (box?.top ?? 0) });
        $heldMinutes.set(totalMinutes);
        endGesture();
      }
      if (held.current !== null) move(held.current, { x, y }, altKey || shiftKey);
      if (last) {
        held.current = null;
        $heldMinutes.set(null);
        endGesture();
      }
    },
    { filterTaps: true, pointer: { keys: false }, threshold: 2 },
  );
}
