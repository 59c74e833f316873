import { useEffect, useId, useRef, useState, type ReactNode } from "react";
import type { GlossaryEntry } from "@/formats/display/words/glossary";

type Props = {
  readonly entry: GlossaryEntry;
  /** What stands there to be pressed. */
  readonly children: ReactNode;
  readonly label?: string;
  readonly className: string;
};

/** As far from the edge of the screen as it stays, px. */
const EDGE_PX = 8;

/** Holds what hangs below its word within the screen, also when that becomes narrower. */
function useWithinScreen(isShown: boolean) {
  const bubble = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    const hold = (): void => {
      const own = bubble.current;
      if (!own) return;
      own.style.marginLeft = "";
      const over = own.getBoundingClientRect().right + EDGE_PX - document.documentElement.clientWidth;
      if (over > 0) own.style.marginLeft = `${-over}px`;
    };
    if (!isShown) return undefined;
    hold();
    window.addEventListener("resize", hold);
    return () => window.removeEventListener("resize", hold);
  }, [isShown]);
  return bubble;
}

/** Something with an explanation: at the pointer, by keyboard and by touch; Escape puts it away. */
export function Explained({ entry: { means }, children, label, className }: Props) {
  const id = useId();
  const [isShown, setShown] = useState(false);
  const bubble = useWithinScreen(isShown);
  return (
    <span
      className="relative inline-block"
      onPointerEnter={(event) => event.pointerType === "mouse" && setShown(true)}
      onPointerLeave={() => setShown(false)}
    >
      <button
        type="button"
        className={className}
        aria-label={label}
        aria-expanded={isShown}
        aria-describedby={isShown ? id : undefined}
        onClick={() => setShown(!isShown)}
        onBlur={() => setShown(false)}
        onKeyDown={(event) => {
          if (event.key !== "Escape" || !isShown) return;
          // An editor or a window round it would close too.
          event.stopPropagation();
          setShown(false);
        }}
      >
        {children}
      </button>
      {isShown && (
        <span
          ref={bubble}
          id={id}
          role="tooltip"
          className="border-line bg-raised text-ink absolute top-full left-0 z-30 mt-1 block w-72 max-w-[80vw] border p-2 text-left text-sm font-normal shadow-sm"
        >
          {means}
        </span>
      )}
    </span>
  );
}
