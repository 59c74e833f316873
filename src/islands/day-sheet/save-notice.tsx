import { useStore } from "@nanostores/react";
import { $save, doAgainOnNewer, saveAsCopy, saveNow } from "@/stores/saving";

/** Whether the sheet is saved, and what to do when it is not. */
export function SaveNotice() {
  const state = useStore($save);
  if (state.kind === "conflict") {
    return (
      <div role="alert" className="border-cranberry bg-raised flex flex-wrap items-center gap-3 border-l-4 px-3 py-2">
        <p>{state.message} Your changes are still on this page.</p>
        <button type="button" className="press" onClick={() => void doAgainOnNewer()}>
          Do my changes again on the newer one
        </button>
        <button type="button" className="press" onClick={() => void saveAsCopy()}>
          Save mine as a copy
        </button>
      </div>
    );
  }
  if (state.kind === "failed") {
    return (
      <div role="alert" className="border-cranberry bg-raised flex flex-wrap items-center gap-3 border-l-4 px-3 py-2">
        <p>Not saved. {state.message}</p>
        <button type="button" className="press" onClick={() => void saveNow()}>
          Try again
        </button>
      </div>
    );
  }
  const words = { saved: "saved", changed: "changed …", saving: "saving …" }[state.kind];
  return (
    <p role="status" className="text-muted text-sm">
      {words}
    </p>
  );
}
