import { useEffect, useRef } from "react";

/** Tells what an address names behind its #, as the page opens and whenever it changes without the page being loaded. */
export function useNamedInAddress(onNamed: (name: string) => void): void {
  const newest = useRef(onNamed);
  useEffect(() => {
    newest.current = onNamed;
  });
  useEffect(() => {
    const look = (): void => newest.current(window.location.hash.slice(1));
    look();
    window.addEventListener("hashchange", look);
    return () => window.removeEventListener("hashchange", look);
  }, []);
}
