import * as m from "@/messages";
import { useState } from "react";
import type { GuestBandOf } from "@/formats/wire/guest-band";
import { ask } from "@/stores/ask";
import { CheckField } from "../fields/check-field";
import { ChoiceField } from "../fields/choice-field";

type Props = {
  readonly band: GuestBandOf;
  /** Does something that may fail, and says so. */
  readonly tried: (work: () => Promise<void>) => Promise<void>;
};

/** Pieces of the kit on this page, taken into one's own. */
export function BorrowPieces({ band, tried }: Props) {
  const [personId, setPersonId] = useState(band.people[0]?.id ?? "");
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const [done, setDone] = useState<number | null>(null);
  const tick = (id: string, isTaken: boolean): void => {
    const next = new Set(taken);
    if (isTaken) next.add(id);
    else next.delete(id);
    setTaken(next);
  };
  const take = (): Promise<void> =>
    tried(async () => {
      const wanted = { personId, pieceIds: [...taken] };
      const { borrowed } = await ask<{ borrowed: number }>(`/api/shares/${band.shareId}/borrow`, "POST", wanted);
      setTaken(new Set());
      setDone(borrowed);
    });
  return (
    <div className="flex flex-col items-start gap-3 py-2">
      <p className="max-w-prose text-sm">{m.borrowSays({ owner: band.ownerName })}</p>
      <div
        className="grid max-h-60 gap-x-6 overflow-y-auto sm:grid-cols-2 lg:grid-cols-4"
        tabIndex={0}
        role="group"
        aria-label={m.borrowTitle}
      >
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
  );
}
