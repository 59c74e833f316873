import * as m from "@/messages";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import { LINK_KINDS, type LinkKind } from "@/core/evening";
import { clockText, dateText } from "@/formats/display/time";
import type { LinkLine } from "@/formats/wire/links-schema";
import { ask } from "@/stores/ask";
import { messageOf } from "@/stores/message-of";
import { CheckField } from "../fields/check-field";
import { ChoiceField } from "../fields/choice-field";
import { Problem } from "../fields/problem";
import { SecretAddress } from "../page/secret-address";

const KIND_WORDS: Readonly<Record<LinkKind, string>> = { plan: m.linkPlan, card: m.linkCard };

/** Secret addresses of an outing, for whoever waits at home. */
export function PlanLinks({ outingId, timeZone }: { readonly outingId: string; readonly timeZone: string }) {
  const url = `/api/outings/${outingId}/links`;
  const [links, setLinks] = useState<readonly LinkLine[]>([]);
  const [kind, setKind] = useState<LinkKind>("plan");
  const [tellsPlace, setTellsPlace] = useState(false);
  const [made, setMade] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const tried = async (work: () => Promise<unknown>): Promise<void> => {
    setProblem(null);
    try {
      await work();
      setLinks(await ask<LinkLine[]>(url));
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const make = (): Promise<void> =>
    tried(async () => {
      const { path } = await ask<{ path: string }>(url, "POST", { id: uuid(), kind, tellsPlace });
      setMade(new URL(path, window.location.href).href);
    });
  return (
    <details className="no-print" onToggle={(event) => event.currentTarget.open && void tried(() => Promise.resolve())}>
      <summary className="cursor-pointer text-xl font-semibold">{m.linksTitle}</summary>
      <div className="flex flex-col gap-3 pt-2">
        <p className="text-muted max-w-prose text-sm">{m.linksSay}</p>
        <div className="flex flex-wrap items-end gap-4">
          <ChoiceField<LinkKind>
            label={m.linkKind}
            value={kind}
            options={LINK_KINDS.map((own) => [own, KIND_WORDS[own]] as const)}
            onChange={setKind}
          />
          <CheckField label={m.linkTellsPlace} checked={tellsPlace} onChange={setTellsPlace} />
          <button type="button" className="press" onClick={() => void make()}>
            {m.linkMake}
          </button>
        </div>
        <Problem words={problem} />
        <SecretAddress address={made} note={m.linkOnce} />
        <ul className="flex flex-col gap-1 text-sm">
          {links.map((link) => {
            const time = `${dateText(link.createdAt, timeZone)} ${clockText(link.createdAt, timeZone)}`;
            return (
              <li key={link.id} className="flex flex-wrap items-center gap-3">
                <span>
                  {KIND_WORDS[link.kind]}
                  {link.tellsPlace && `, ${m.linkPlaceTold}`}
                </span>
                <span className="text-muted">{time}</span>
                <button
                  type="button"
                  className="press press-small"
                  aria-label={m.linkBackOf({ kind: KIND_WORDS[link.kind], time })}
                  onClick={() => void tried(() => ask(`${url}/${link.id}`, "DELETE"))}
                >
                  {m.linkBack}
                </button>
              </li>
            );
          })}
        </ul>
      </div>
    </details>
  );
}
