import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { memo, useState } from "react";
import type { Worth } from "@/core/changes";
import { changeWords } from "@/formats/display/words/change-words";
import { moneyText } from "@/formats/display/numbers";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $worths } from "@/stores/answer/derived-results";
import { drawnFrom } from "../drawn-from";
import { WorthRow } from "./worth-row";

type Props = { readonly view: OutingView };

const SHOWN_AT_FIRST = 4;

/** What the piece that goes on cost; nothing where no price is known or nothing goes on. */
function priceOf(view: OutingView, { change }: Worth): string | null {
  if (change.kind !== "wearPiece" && change.kind !== "swapPiece") return null;
  const piece = view.kit.find(({ id }) => id === change.pieceIds[0]);
  if (!piece || piece.priceMinor === null || piece.currency === null) return null;
  return m.yours({ priceMinor: moneyText(piece.priceMinor, piece.currency) });
}

function Ranked({ view }: Props) {
  const worths = useStore($worths);
  const [isLong, setLong] = useState(false);
  const nameOf = (id: string): string => view.kit.find((piece) => piece.id === id)?.name ?? m.aPiece;
  const useful = worths?.filter(({ gainedMinutes, change }) => gainedMinutes > 0 && change.kind !== "practice") ?? [];
  const shown = isLong ? useful : useful.slice(0, SHOWN_AT_FIRST);
  return (
    <section aria-label={m.whatBuysMinutesTitle} className="border-line border-t pt-3">
      <h2 className="text-lg font-semibold">{m.whatBuysMinutesTitle}</h2>
      {worths === null && (
        <p role="status" className="text-muted text-sm">
          {m.tryingEverySingleChange}
        </p>
      )}
      {worths !== null && useful.length === 0 && <p className="text-muted text-sm">{m.noSingleChangeOfThisKit}</p>}
      <ol>
        {shown.map((worth) => (
          <WorthRow
            key={worth.change.id}
            worth={worth}
            words={changeWords(worth.change, nameOf)}
            price={priceOf(view, worth)}
          />
        ))}
      </ol>
      {useful.length > SHOWN_AT_FIRST && (
        <button type="button" className="press mt-2" onClick={() => setLong(!isLong)}>
          {isLong ? m.showTheBestAlone : m.showAll({ length: useful.length })}
        </button>
      )}
    </section>
  );
}

/** Every single change of the plan by the minutes it gains; tried as a second curve, kept by a second press. */
export const WhatBuysMinutes = memo(Ranked, drawnFrom<Props>("kit"));
