import * as m from "@/messages";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import type { GuestBandOf } from "@/formats/wire/guest-band";
import { ask } from "@/stores/ask";
import { ChoiceField } from "../fields/choice-field";

type Props = {
  readonly band: GuestBandOf;
  /** Does something that may fail, and says so. */
  readonly tried: (work: () => Promise<void>) => Promise<void>;
};

/** An outing of one's own beside the one that is shared. */
export function GoAlong({ band, tried }: Props) {
  const [personId, setPersonId] = useState(band.people[0]?.id ?? "");
  const go = (): Promise<void> =>
    tried(async () => {
      const wanted = { outingId: uuid(), personId };
      const { id } = await ask<{ id: string }>(`/api/shares/${band.shareId}/along`, "POST", wanted);
      window.location.assign(`/outings/${id}`);
    });
  return (
    <div className="flex flex-wrap items-end gap-3 py-2">
      <p className="max-w-prose text-sm">
        {m.alongSays({ owner: band.ownerName })} {band.mayEdit && m.alongEditsToo}
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
  );
}
