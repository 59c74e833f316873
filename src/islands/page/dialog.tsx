import * as m from "@/messages";
import { X } from "lucide-react";
import { useEffect, useLayoutEffect, useRef, type ReactNode } from "react";

type Props = {
  readonly title: string;
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly isWide?: boolean;
  readonly children: ReactNode;
};

/** A window over the page: the browser's own, which holds the focus, closes on Escape and gives the focus back. */
export function Dialog({ title, isOpen, onClose, isWide = false, children }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (isOpen && !dialog.current?.open) dialog.current?.showModal();
    if (!isOpen) dialog.current?.close();
  }, [isOpen]);
  // A window taken out of the page while it is open would keep the focus to itself: closed, it gives it back.
  useLayoutEffect(() => {
    const own = dialog.current;
    return () => own?.close();
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      onClose={onClose}
      onClick={(event) => event.target === dialog.current && onClose()}
      className={`border-line bg-ground text-ink m-auto max-h-[88dvh] overflow-y-auto border p-0 ${isWide ? "w-[min(60rem,96vw)]" : "w-[min(42rem,96vw)]"}`}
    >
      {isOpen && (
        <div className="p-5">
          <div className="mb-3 flex items-center justify-between gap-4">
            <h2 className="text-lg font-semibold">{title}</h2>
            <button type="button" className="press" onClick={onClose}>
              <X aria-hidden="true" size={16} className="mr-1 inline" />
              {m.closeTitle}
            </button>
          </div>
          {children}
        </div>
      )}
    </dialog>
  );
}
