import * as m from "@/messages";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import type { GuestBandOf } from "@/formats/wire/guest-band";
import { ask } from "@/stores/ask";
import { messageOf } from "@/stores/message-of";
import { CheckField } from "../fields/check-field";
import { ChoiceField } from "../fields/choice-field";
import { Problem } from "../fields/problem";
import { guarded } from "../page/guarded";

type PartProps = { readonly band: GuestBandOf; readonly onProblem: (words: string | null) => void };

function Along({ band, onProblem }: PartProps) {
  const [personId, setPersonId] = useState(band.people[0]?.id ?? "");
  const { ownerName, mayEdit } = band;
  if (!band.outing?.tellsPlace || !personId) return null;
  if (band.outing.alongOutingId)
    return (
      <a className="press inline-flex items-center" href={`/outings/${band.outing.alongOutingId}`}>
        {m.alongMine}
      </a>
    );
  const go = async (): Promise<void> => {
    try {
      onProblem(null);
      const wanted = { outingId: uuid(), personId };
      const { id } = await ask<{ id: string }>(`/api/shares/${band.shareId}/along`, "POST", wanted);
      window.location.assign(`/outings/${id}`);
    } catch (error) {
      onProblem(messageOf(error));
    }
  };
  return (
    <details>
      <summary className="press inline-flex cursor-pointer items-center">{m.alongTitle}</summary>
      <div className="flex flex-wrap items-end gap-3 pt-2">
        <p className="max-w-prose text-sm">
          {m.alongSays({ owner: ownerName })} {mayEdit && m.alongEditsToo}
        </p>
        <ChoiceField
          label={m.alongWho}
          value={personId}
          options={band.people.map(({ id, name }) => [id, name] as const)}
          onChange={setPersonId}
        />
        <button type="button" className="press border-accent" onClick={() => void go()}>
          {m.alongGo}
        </button>
      </div>
    </details>
  );
}

function BorrowPieces({ band, onProblem }: PartProps) {
  const [personId, setPersonId] = useState(band.people[0]?.id ?? "");
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const [done, setDone] = useState<number | null>(null);
  if (band.pieces.length === 0 || !personId) return null;
  const tick = (id: string, isTaken: boolean): void => {
    const next = new Set(taken);
    if (isTaken) next.add(id);
    else next.delete(id);
    setTaken(next);
  };
  const take = async (): Promise<void> => {
    try {
      onProblem(null);
      const wanted = { personId, pieceIds: [...taken] };
      const { borrowed } = await ask<{ borrowed: number }>(`/api/shares/${band.shareId}/borrow`, "POST", wanted);
      setTaken(new Set());
      setDone(borrowed);
    } catch (error) {
      onProblem(messageOf(error));
    }
  };
  return (
    <details>
      <summary className="press inline-flex cursor-pointer items-center">{m.borrowTitle}</summary>
      <div className="flex flex-col items-start gap-3 pt-2">
        <p className="max-w-prose text-sm">{m.borrowSays({ owner: band.ownerName })}</p>
        <div className="grid max-h-60 gap-x-6 overflow-y-auto sm:grid-cols-2">
          {band.pieces.map(({ id, name }) => (
            <CheckField key={id} label={name} checked={taken.has(id)} onChange={(next) => tick(id, next)} />
          ))}
        </div>
        <div className="flex flex-wrap items-end gap-3">
          <ChoiceField
            label={m.borrowFor}
            value={personId}
            options={band.people.map(({ id, name }) => [id, name] as const)}
            onChange={setPersonId}
          />
          <button type="button" className="press" disabled={taken.size === 0} onClick={() => void take()}>
            {m.borrowTake}
          </button>
          <p role="status">{done !== null && m.borrowDone({ count: done })}</p>
        </div>
      </div>
    </details>
  );
}

/** Says over a page that it is somebody else's, and what whoever looks at it may do. */
function GuestBand({ band }: { readonly band: GuestBandOf }) {
  const [problem, setProblem] = useState<string | null>(null);
  const { shareId, ownerName: owner, mayEdit, name } = band;
  const giveUp = async (): Promise<void> => {
    try {
      await ask(`/api/shares/${shareId}`, "DELETE");
      window.location.assign("/");
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <aside aria-label={m.sharedWithMe} className="no-print border-accent bg-raised mt-2 border-l-4 px-3 py-2">
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
        <p className="py-1">{mayEdit ? m.guestEdits({ owner }) : m.guestReads({ owner })}</p>
        <Along band={band} onProblem={setProblem} />
        <BorrowPieces band={band} onProblem={setProblem} />
        <button type="button" className="press" aria-label={m.sharedGiveUpOf({ name })} onClick={() => void giveUp()}>
          {m.sharedGiveUp}
        </button>
      </div>
      <Problem words={problem} />
    </aside>
  );
}

export default guarded(GuestBand);
