import * as m from "@/messages";
import { useEffect, useRef, type KeyboardEvent, type ReactNode } from "react";
import { $selection } from "@/stores/sheet/day-sheet";
import { takeOpener } from "./opened-by-key";

/** On a phone the editor stands at the foot of the screen, over the sheet. */
const AT_THE_FOOT =
  "foot-editor max-lg:border-accent max-lg:bg-ground max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-20 max-lg:max-h-[55dvh] max-lg:overflow-y-auto max-lg:border-t-2 max-lg:p-4";

/** Where the editor stands at the foot. */
const AT_FOOT_BELOW = "(max-width: 63.99rem)";

/** Brings what is edited into the half of the screen that the editor at the foot leaves free. */
function showAbove(foot: HTMLElement): void {
  if (!window.matchMedia(AT_FOOT_BELOW).matches) return;
  const chosen = document.querySelector("[data-edited]")?.getBoundingClientRect();
  const freeTo = foot.getBoundingClientRect().top;
  if (chosen && (chosen.bottom > freeTo || chosen.top < freeTo / 2))
    window.scrollBy({ top: chosen.bottom - (freeTo * 3) / 4 });
}

const FIRST_FIELD = "input, select, button, textarea";

type Props = {
  /** What is edited: a change of it may have been made by a key. */
  readonly what: string;
  readonly children: ReactNode;
};

/** Round an editor: opened by a key the focus moves in, Escape closes it, and the focus goes back where it came from. */
export function EditorFrame({ what, children }: Props) {
  const frame = useRef<HTMLElement>(null);
  const cameFrom = useRef<HTMLElement | SVGElement | null>(null);
  useEffect(() => {
    if (frame.current) showAbove(frame.current);
    const opener = takeOpener();
    if (!opener) return;
    cameFrom.current = opener;
    frame.current?.querySelector<HTMLElement>(FIRST_FIELD)?.focus();
  }, [what]);
  const close = (): void => {
    $selection.set(null);
    const back = cameFrom.current;
    if (back?.isConnected) back.focus();
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key !== "Escape") return;
    event.preventDefault();
    close();
  };
  return (
    <section
      ref={frame}
      aria-label={m.editor}
      className={`border-line border-b pb-4 ${AT_THE_FOOT}`}
      onKeyDown={onKeyDown}
    >
      {children}
      <button type="button" className="press mt-3" onClick={close}>
        {m.done}
      </button>
    </section>
  );
}
