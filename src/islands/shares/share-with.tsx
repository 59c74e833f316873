import * as m from "@/messages";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import type { ShareKind, ShareLine } from "@/formats/wire/shares-schema";
import { ask } from "@/stores/ask";
import { messageOf } from "@/stores/message-of";
import { CheckField } from "../fields/check-field";
import { Problem } from "../fields/problem";
import { guarded } from "../page/guarded";
import { SecretAddress } from "../page/secret-address";

const SAYS: Readonly<Record<ShareKind, string>> = {
  outing: m.shareOutingSays,
  trip: m.shareTripSays,
  kit: m.shareKitSays,
};

const stateOf = ({ withName, expiresAt }: ShareLine): string =>
  withName ?? (Date.parse(expiresAt) < Date.now() ? m.shareExpired : m.shareOpen);

const rightsOf = ({ mayEdit, tellsPlace, goesAlong, lent }: ShareLine, kind: ShareKind): string =>
  [
    mayEdit ? m.shareEdits : m.shareReads,
    kind !== "kit" && tellsPlace && m.shareKnowsPlace,
    goesAlong && m.shareGoesAlong,
    lent.length > 0 && m.shareLent({ pieces: lent.join(", ") }),
  ]
    .filter(Boolean)
    .join(", ");

/** With whom something is shared, and an invitation for one more. */
function ShareWith({ kind, item }: { readonly kind: ShareKind; readonly item: string }) {
  const [shares, setShares] = useState<readonly ShareLine[]>([]);
  const [mayEdit, setMayEdit] = useState(false);
  const [tellsPlace, setTellsPlace] = useState(false);
  const [made, setMade] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const tried = async (work: () => Promise<unknown>): Promise<void> => {
    setProblem(null);
    try {
      await work();
      setShares(await ask<ShareLine[]>(`/api/shares?kind=${kind}&item=${item}`));
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const make = (): Promise<void> =>
    tried(async () => {
      const wanted = { id: uuid(), kind, item, mayEdit, tellsPlace };
      const { path } = await ask<{ path: string }>("/api/shares", "POST", wanted);
      setMade(new URL(path, window.location.href).href);
    });
  const isAboutPlace = kind !== "kit";
  return (
    <details
      className="no-print pt-6"
      onToggle={(event) => event.currentTarget.open && void tried(() => Promise.resolve())}
    >
      <summary className="cursor-pointer text-xl font-semibold">{m.shareTitle}</summary>
      <div className="flex flex-col gap-3 pt-2">
        <p className="text-muted max-w-prose text-sm">
          {SAYS[kind]} {m.shareSays}
        </p>
        <div className="flex flex-wrap items-end gap-4">
          <CheckField label={m.shareMayEdit} checked={mayEdit} onChange={setMayEdit} />
          {isAboutPlace && !mayEdit && (
            <CheckField label={m.shareTellsPlace} checked={tellsPlace} onChange={setTellsPlace} />
          )}
          <button type="button" className="press" onClick={() => void make()}>
            {m.shareMake}
          </button>
        </div>
        <Problem words={problem} />
        <SecretAddress address={made} note={m.shareOnce} />
        <ul className="flex flex-col gap-1 text-sm">
          {shares.map((share) => (
            <li key={share.id} className="flex flex-wrap items-center gap-3">
              <span className={share.withName ? "font-semibold" : "text-muted"}>{stateOf(share)}</span>
              <span>{rightsOf(share, kind)}</span>
              <button
                type="button"
                className="press press-small"
                aria-label={m.shareBackOf({ name: stateOf(share) })}
                onClick={() => void tried(() => ask(`/api/shares/${share.id}`, "DELETE"))}
              >
                {m.shareBack}
              </button>
            </li>
          ))}
        </ul>
      </div>
    </details>
  );
}

export default guarded(ShareWith);
