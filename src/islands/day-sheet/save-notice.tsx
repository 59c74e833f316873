import { useStore } from "@nanostores/react";
import { $clashes } from "@/stores/sheet/editing";
import { $isKept, $save, doAgainOnNewer, saveAsCopy, saveNow, type SaveState } from "@/stores/saving/saving";

const NOTICE = "border-cranberry bg-raised flex flex-wrap items-center gap-3 border-l-4 px-3 py-2";
const WORDS = { saved: "saved", changed: "changed …", saving: "saving …" } as const;

function State({ state }: { readonly state: SaveState }) {
  switch (state.kind) {
    case "conflict":
      return (
        <div role="alert" className={NOTICE}>
          <p>{state.message} Your changes are still on this page.</p>
          <button type="button" className="press" onClick={() => void doAgainOnNewer()}>
            Do my changes again on the newer one
          </button>
          <button type="button" className="press" onClick={() => void saveAsCopy()}>
            Save mine as a copy
          </button>
        </div>
      );
    case "failed":
    case "refused":
      return (
        <div role="alert" className={NOTICE}>
          <p>
            Not saved. {state.message}
            {state.kind === "refused" && " Change it or take the last step back; what you did is kept in this browser."}
          </p>
          <button type="button" className="press" onClick={() => void saveNow()}>
            Try again
          </button>
        </div>
      );
    default:
      return (
        <p role="status" className="text-muted text-sm">
          {WORDS[state.kind]}
        </p>
      );
  }
}

/** Whether the sheet is saved, and what to do when it is not. */
export function SaveNotice() {
  const state = useStore($save);
  const isKept = useStore($isKept);
  const clashes = useStore($clashes);
  return (
    <>
      <State state={state} />
      {!isKept && state.kind !== "saved" && (
        <p role="alert" className={NOTICE}>
          This browser’s store is full or barred: what is not saved is only on this page. Keep it open until it says
          “saved”.
        </p>
      )}
      {clashes.length > 0 && (
        <p role="status" className={NOTICE}>
          Both had changed: {clashes.join(", ")}. Yours stands; look it over.
          <button type="button" className="press" onClick={() => $clashes.set([])}>
            Seen
          </button>
        </p>
      )}
    </>
  );
}
