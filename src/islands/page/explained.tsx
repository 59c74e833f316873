import { useId, useState, type ReactNode } from "react";
import type { GlossaryEntry } from "@/formats/display/words/glossary";

type Props = {
  readonly entry: GlossaryEntry;
  /** What stands there to be pressed. */
  readonly children: ReactNode;
  readonly label?: string;
  readonly className: string;
};

/** Something with an explanation: at the pointer, by keyboard and by touch; Escape puts it away. */
export function Explained({ entry: { means }, children, label, className }: Props) {
  const id = useId();
  const [isShown, setShown] = useState(false);
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
