import { useId, useState, type ReactNode } from "react";
import { GLOSSARY, type GlossaryKey } from "@/formats/display/words/glossary";

type Props = { readonly of: GlossaryKey; readonly children?: ReactNode };

/** A word with its explanation: at the pointer, by keyboard and by touch; Escape puts it away. */
export function Term({ of, children }: Props) {
  const id = useId();
  const [isShown, setShown] = useState(false);
  const { term, means } = GLOSSARY[of];
  return (
    <span
      className="relative inline-block"
      onPointerEnter={(event) => event.pointerType === "mouse" && setShown(true)}
      onPointerLeave={() => setShown(false)}
    >
      <button
        type="button"
        className="decoration-muted cursor-help underline decoration-dotted underline-offset-4"
        aria-expanded={isShown}
        aria-describedby={isShown ? id : undefined}
        onClick={() => setShown(!isShown)}
        onBlur={() => setShown(false)}
        onKeyDown={(event) => event.key === "Escape" && setShown(false)}
      >
        {children ?? term}
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
