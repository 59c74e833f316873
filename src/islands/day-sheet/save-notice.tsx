import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { $clashes } from "@/stores/sheet/editing";
import { $isKept, $save, doAgainOnNewer, saveAsCopy, saveNow, type SaveState } from "@/stores/saving/saving";

const NOTICE = "border-cranberry bg-raised flex flex-wrap items-center gap-3 border-l-4 px-3 py-2";
const WORDS = { saved: m.saved, changed: m.changed, saving: m.saving } as const;

function State({ state }: { readonly state: SaveState }) {
  switch (state.kind) {
    case "conflict":
      return (
        <div role="alert" className={NOTICE}>
          <p>
            {state.message} {m.yourChangesAreStillOnThis}
          </p>
          <button type="button" className="press" onClick={() => void doAgainOnNewer()}>
            {m.doMyChangesAgainOnThe}
          </button>
          <button type="button" className="press" onClick={() => void saveAsCopy()}>
            {m.saveMineAsACopy}
          </button>
        </div>
      );
    case "failed":
    case "refused":
      return (
        <div role="alert" className={NOTICE}>
          <p>
            {m.notSaved} {state.message}
            {state.kind === "refused" && m.changeItOrTakeTheLast}
          </p>
          <button type="button" className="press" onClick={() => void saveNow()}>
            {m.tryAgain}
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
          {m.thisBrowsersStoreIsFullOr}
        </p>
      )}
      {clashes.length > 0 && (
        <p role="status" className={NOTICE}>
          {m.bothHadChanged} {clashes.join(", ")}
          {m.yoursStandsLookItOver}
          <button type="button" className="press" onClick={() => $clashes.set([])}>
            {m.seen}
          </button>
        </p>
      )}
    </>
  );
}
