import { useEffect } from "react";
import { untilRecomputed } from "@/stores/recomputing";
import { guarded } from "./page/guarded";

type Props = {
  readonly outingIds: readonly string[];
  /** What stands on the page meanwhile. */
  readonly words: string;
};

/** Says that figures of this page are being recomputed, and shows the page again once they stand. */
function Recomputing({ outingIds, words }: Props) {
  useEffect(() => {
    const left = new AbortController();
    // Who has pressed a link is on the way: showing the page again would take the press back.
    window.addEventListener("beforeunload", () => left.abort(), { once: true, signal: left.signal });
    void untilRecomputed(outingIds, left.signal).then((lines) => {
      if (lines && !left.signal.aborted) window.location.reload();
    });
    return () => left.abort();
  }, [outingIds]);
  return (
    <p role="status" className="border-accent my-3 border-l-4 pl-3" data-testid="recomputing">
      {words}
    </p>
  );
}

export default guarded(Recomputing);
