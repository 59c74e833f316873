import * as m from "@/messages";
import { quantityText } from "@/formats/display/quantities";
import { useStore } from "@nanostores/react";
import { useState } from "react";
import { massCheck } from "@/core/bench";
import type { Label } from "@/core/labels";
import { OUTING_RANGE } from "@/core/outing";
import { same } from "@/formats/same";
import { contentOf, LONGEST_NOTE, type KitPiece, type PieceContent } from "@/formats/wire/kit/kit-view";
import { duplicatePiece, savePiece } from "@/stores/kit-page";
import { $preferences } from "@/stores/preferences";
import { TextField } from "../fields/text-field";
import { CareFields } from "./fields/care-fields";
import { LabelFields } from "./fields/label-fields";
import { OptionalNumber } from "./fields/optional-number";
import { OptionalQuantity } from "./fields/optional-quantity";
import { Photo } from "./fields/photo";
import { Reading } from "./reading";
import { MINOR_PER_UNIT, MOST_PRICE } from "@/core/pieces";
import { TraitFields } from "./fields/trait-fields";

/** Of middle size, for the cloth in a piece: its size is not asked (assumption). */
const STANDARD_PERSON = { heightM: 1.7, massKg: 70, fatPercent: 20, ageYears: 40, sex: "male" } as const;

/** One piece: what its label says and what that comes to, side by side; kept by a press. */
export function PieceEditor({ piece, onClose }: { readonly piece: KitPiece; readonly onClose: () => void }) {
  const { currency: usualCurrency } = useStore($preferences);
  const [draft, setDraft] = useState(() => contentOf(piece));
  const [told, setTold] = useState<{ readonly words: string; readonly isProblem: boolean } | null>(null);
  const set = (change: Partial<PieceContent>): void => {
    setTold(null);
    setDraft({ ...draft, ...change });
  };
  const doing = async (work: Promise<void>, words: string): Promise<void> => {
    try {
      await work;
      setTold({ words, isProblem: false });
    } catch (error) {
      setTold({ words: (error as Error).message, isProblem: true });
    }
  };
  const isChanged = !same(draft, contentOf(piece));
  const check = draft.massG === null ? null : massCheck(draft.label, draft.massG, STANDARD_PERSON);
  const isNamed = draft.name.trim() !== "";
  return (
    <div className="flex flex-col gap-3">
      <div className="flex items-center justify-between gap-3">
        <h2 className="text-lg font-semibold">{piece.name}</h2>
        <button type="button" className="press press-small" onClick={onClose}>
          {m.closeTitle}
        </button>
      </div>
      {piece.outings > 0 && (
        <p className="text-muted text-sm">
          {m.wornInOutings({ count: piece.outings })}
          {m.whatYouChangeHereIsRecomputed}
        </p>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <TextField label={m.name} value={draft.name} onChange={(name) => set({ name })} />
        <OptionalQuantity
          label={m.mass}
          quantity="smallMass"
          value={draft.massG}
          range={OUTING_RANGE.pieceMassG}
          onChange={(massG) => set({ massG: massG === null ? null : Math.round(massG) })}
        />
        <OptionalNumber
          label={m.priceTitle({ currency: draft.currency ?? usualCurrency })}
          value={draft.priceMinor === null ? null : draft.priceMinor / MINOR_PER_UNIT}
          low={0}
          high={MOST_PRICE}
          onChange={(price) =>
            set(
              price === null
                ? { priceMinor: null, currency: null }
                : { priceMinor: Math.round(price * MINOR_PER_UNIT), currency: draft.currency ?? usualCurrency },
            )
          }
        />
      </div>
      {check?.isOff && (
        <p className="text-rust-text text-sm">
          {m.byItsGramsItShouldWeigh} {quantityText("smallMass", check.expectedG)}
          {m.atPart} {quantityText("smallMass", draft.massG ?? 0)} {m.itsClothIsAbout}{" "}
          {quantityText("areal", check.massGPerM2)}
          {m.oneOfBothFiguresIsAnother}
        </p>
      )}
      <Photo piece={piece} />
      <Reading label={draft.label} />
      <LabelFields label={draft.label} onChange={(label) => set({ label })} />
      <TraitFields kind={draft.kind} traits={draft.traits} onChange={(traits) => set({ traits })} />
      <CareFields
        piece={{ ...piece, ...draft }}
        onDone={(care) => set({ care })}
        onWear={(wear) => set({ label: { ...draft.label, wear } as Label })}
      />
      <label className="flex flex-col gap-1">
        <span className="text-muted text-sm">{m.note}</span>
        <textarea
          className="field min-h-16"
          value={draft.note}
          maxLength={LONGEST_NOTE}
          onChange={(event) => set({ note: event.target.value })}
        />
      </label>
      <p className="flex flex-wrap gap-2">
        <button
          type="button"
          className="press border-accent"
          disabled={!isChanged || !isNamed}
          onClick={() => void doing(savePiece(piece.id, { ...draft, name: draft.name.trim() }), m.kept)}
        >
          {m.keep}
        </button>
        <button type="button" className="press" onClick={() => void doing(duplicatePiece(piece), "")}>
          {m.anotherLikeIt}
        </button>
      </p>
      {!isNamed && <p className="text-cranberry text-sm">{m.giveThePieceAName}</p>}
      <p
        role={told?.isProblem ? "alert" : "status"}
        className={`text-sm ${told?.isProblem ? "text-cranberry" : "text-muted"}`}
      >
        {told?.words ?? (isChanged ? m.notKeptYet : "")}
      </p>
    </div>
  );
}
