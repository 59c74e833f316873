import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useState } from "react";
import { partyWords, type Sitting } from "@/formats/display/words/party-words";
import { verdictWords } from "@/formats/display/words/sheet-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { PartySitter } from "@/formats/wire/outing/party-sitter";
import { $line } from "@/stores/answer/headline";
import { late } from "../page/late";

export type Party = {
  /** Sitters of this outing, the one on screen among them. */
  readonly sitters: readonly (Sitting & Pick<PartySitter, "canOpen">)[];
  /** Everybody who is known and does not go along yet; `null` where that is for somebody else to say. */
  readonly others: readonly { readonly id: string; readonly name: string }[] | null;
};

const AddSitter = late(() => import("./add-sitter").then((module) => module.AddSitter));

/** Who else sits: each with their own kit and verdict; place, hours and phases are everybody's. */
export function PartySection({ view, party }: { readonly view: OutingView; readonly party: Party }) {
  const now = useStore($line);
  const [isAdding, setIsAdding] = useState(false);
  const sitters = party.sitters.map((own) =>
    own.id === view.id && now ? { ...own, verdict: now, isRecomputing: false } : own,
  );
  return (
    <section aria-labelledby="party" className="border-line border-b pb-3">
      <div className="flex items-center justify-between gap-2">
        <h2 id="party" className="font-semibold">
          {m.whoSits}
        </h2>
        {party.others && (
          <button
            type="button"
            className="press press-small no-print"
            aria-expanded={isAdding}
            onClick={() => setIsAdding(!isAdding)}
          >
            {m.addASitter}
          </button>
        )}
      </div>
      <ul className="text-sm">
        {sitters.map((own) => (
          <li key={own.id} className="flex flex-wrap justify-between gap-x-3 py-0.5">
            {own.id === view.id ? (
              <strong aria-current="true">{own.personName}</strong>
            ) : !own.canOpen ? (
              <span>{own.personName}</span>
            ) : (
              <a className="inline-block min-h-6 underline" href={`/outings/${own.id}`}>
                {own.personName}
              </a>
            )}
            <span>
              {own.verdict ? verdictWords(own.verdict) : !own.isRecomputing && m.cannotBeComputed}
              {own.isRecomputing && (own.verdict ? m.beingRecomputed : m.beingComputed)}
            </span>
          </li>
        ))}
      </ul>
      {sitters.length > 1 && (
        <p className="text-sm" data-testid="party-leaves">
          {partyWords(sitters, view.startsAt, view.place.timeZone)}
        </p>
      )}
      {isAdding && party.others && <AddSitter view={view} others={party.others} />}
    </section>
  );
}
