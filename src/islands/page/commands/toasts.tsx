import * as m from "@/messages";
import { createRoot } from "react-dom/client";
import { toast, Toaster } from "sonner";
import type { Told } from "@/stores/told";

/** Long enough to read, find the button and press it. */
const SHOWN_MS = 12_000;

const CLASSES = {
  toast: "border-line bg-raised text-ink flex w-full items-center gap-3 border px-3 py-2 text-sm",
  title: "min-w-0",
  actionButton: "press press-small ml-auto shrink-0",
};

let isThere = false;
/** Put into the page when the first thing is told. */
function mount(): void {
  if (isThere) return;
  isThere = true;
  const place = document.body.appendChild(document.createElement("div"));
  place.className = "no-print";
  createRoot(place).render(
    <Toaster
      position="bottom-center"
      duration={SHOWN_MS}
      containerAriaLabel={m.whatWasDone}
      toastOptions={{ unstyled: true, classNames: CLASSES }}
      mobileOffset={{ bottom: 64 }}
    />,
  );
}

/** Shows what was done, with a button that takes it back. */
export function showToast({ words, undo }: Told): void {
  mount();
  const takeBack = async (): Promise<void> => {
    try {
      await undo?.();
    } catch (error) {
      toast((error as Error).message);
    }
  };
  toast(words, undo ? { action: { label: m.undoTitle, onClick: () => void takeBack() } } : {});
}
