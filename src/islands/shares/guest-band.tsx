import * as m from "@/messages";
import { useState } from "react";
import type { GuestBandOf } from "@/formats/wire/guest-band";
import { ask } from "@/stores/ask";
import { messageOf } from "@/stores/message-of";
import { Problem } from "../fields/problem";
import { guarded } from "../page/guarded";
import { BorrowPieces } from "./borrow-pieces";
import { GoAlong } from "./go-along";

type Open = "along" | "borrow" | null;

/** Says over a page that it is somebody else's, and what whoever looks at it may do. */
function GuestBand({ band }: { readonly band: GuestBandOf }) {
  const [open, setOpen] = useState<Open>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { shareId, ownerName: owner, mayEdit, name, outing, people, pieces } = band;
  const tried = async (work: () => Promise<void>): Promise<void> => {
    try {
      setProblem(null);
      await work();
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const giveUp = (): Promise<void> =>
    tried(async () => {
      await ask(`/api/shares/${shareId}`, "DELETE");
      window.location.assign("/");
    });
  const opener = (which: Exclude<Open, null>, words: string) => (
    <button
      type="button"
      className="press press-small"
      aria-expanded={open === which}
      onClick={() => setOpen(open === which ? null : which)}
    >
      {words}
    </button>
  );
  return (
    <aside aria-label={m.sharedWithMe} className="no-print border-accent bg-raised mt-2 border-l-4 px-3 py-1.5">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <p>{mayEdit ? m.guestEdits({ owner }) : m.guestReads({ owner })}</p>
        {outing?.alongOutingId && (
          <a className="press press-small inline-flex items-center" href={`/outings/${outing.alongOutingId}`}>
            {m.alongMine}
          </a>
        )}
        {people.length > 0 && outing?.tellsPlace && !outing.alongOutingId && opener("along", m.alongTitle)}
        {people.length > 0 && pieces.length > 0 && opener("borrow", m.borrowTitle)}
        <button
          type="button"
          className="press press-small"
          aria-label={m.sharedGiveUpOf({ name })}
          onClick={() => void giveUp()}
        >
          {m.sharedGiveUp}
        </button>
      </div>
      {open === "along" && <GoAlong band={band} tried={tried} />}
      {open === "borrow" && <BorrowPieces band={band} tried={tried} />}
      <Problem words={problem} />
    </aside>
  );
}

export default guarded(GuestBand);
