import { useEffect, useRef, useState } from "react";
import { $readMinute } from "@/stores/sheet/day-sheet";

/** The whole day in ten seconds. */
const PLAY_MS = 10_000;

/** Plays the minute read out from where it stands, or from the start when it stands at the end. */
export function usePlay(minutes: number, minute: number): [boolean, (isPlaying: boolean) => void] {
  const [isPlaying, setPlaying] = useState(false);
  const from = useRef(minute);
  from.current = isPlaying ? from.current : minute;
  useEffect(() => {
    if (!isPlaying) return;
    const start = from.current >= minutes ? 0 : from.current;
    let began: number | null = null;
    let frame = 0;
    const step = (now: number): void => {
      began ??= now;
      const at = start + ((now - began) / PLAY_MS) * minutes;
      $readMinute.set(Math.min(minutes, Math.round(at)));
      if (at >= minutes) setPlaying(false);
      else frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [isPlaying, minutes]);
  return [isPlaying, setPlaying];
}
