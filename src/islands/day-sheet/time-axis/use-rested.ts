import { useStore } from "@nanostores/react";
import { useDeferredValue, useEffect, useState } from "react";
import { $heldMinutes } from "@/stores/sheet/day-sheet";

/** Longer than the answers of a hand that goes on moving are apart. */
const REST_MS = 60;

/**
 * A value that is drawn after what is waited for more: at once when nothing is held, else when the hand rests, so that a
 * drag need not pay for it.
 */
export function useRested<Value>(newest: Value): Value {
  const isHeld = useStore($heldMinutes) !== null;
  const [rested, setRested] = useState(newest);
  useEffect(() => {
    if (!isHeld) return;
    const timer = setTimeout(() => setRested(newest), REST_MS);
    return () => clearTimeout(timer);
  }, [isHeld, newest]);
  if (!isHeld && rested !== newest) setRested(newest);
  return useDeferredValue(isHeld ? rested : newest);
}
