import { useEffect, useRef, useState, type RefObject } from "react";

/** Width of an element as it is laid out; `initial` until the browser has measured. */
export function useWidth<Element extends HTMLElement>(initial: number): [RefObject<Element | null>, number] {
  const ref = useRef<Element>(null);
  const [width, setWidth] = useState(initial);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      const width = Math.round(entry?.contentRect.width ?? 0);
      if (width > 0) setWidth(width); // nothing is laid out yet, or no longer
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
