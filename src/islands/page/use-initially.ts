import { useRef } from "react";

/** Runs once, before the first render of an island reads what it sets; on the server too. */
export function useInitially(work: () => void): void {
  const done = useRef(false);
  if (!done.current) {
    done.current = true;
    work();
  }
}
