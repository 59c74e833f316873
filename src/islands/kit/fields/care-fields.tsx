import * as m from "@/messages";
import { quantityText } from "@/formats/display/quantities";
import { useState } from "react";
import { careOf, newThicknessMm, wearByPinch, type CareDone, type CareTask } from "@/core/care";
import type { Wear } from "@/core/labels";
import { CARE_WORDS, careStandText } from "@/formats/display/words/care-words";
import { WEAR_WORDS } from "@/formats/display/words/label-words";
import type { KitPiece } from "@/formats/wire/kit/kit-view";
import { OptionalQuantity } from "./optional-quantity";

type Props = {
  readonly piece: KitPiece;
  readonly onDone: (care: CareDone) => void;
  readonly onWear: (wear: Wear) => void;
};

const PINCHED_RANGE_MM = [0.5, 120] as const;

/** Loft between two fingers, against what it was: how the piece has worn. */
function Pinch({ piece, onWear }: Pick<Props, "piece" | "onWear">) {
  const newMm = newThicknessMm(piece.label);
  const [pinchedMm, setPinchedMm] = useState<number | null>(null);
  return (
    <div className="flex flex-wrap items-end gap-2 pb-1">
      <OptionalQuantity
        label={m.pinchedNow}
        quantity="thickness"
        value={pinchedMm}
        range={PINCHED_RANGE_MM}
        onChange={setPinchedMm}
      />
      <p className="text-muted text-sm">
        {m.byItsLabelItWas} {quantityText("thickness", newMm)} {m.whenNew}
        {pinchedMm !== null && m.thatIs({ wearByPinch: WEAR_WORDS[wearByPinch(newMm, pinchedMm)] })}
      </p>
      {pinchedMm !== null && (
        <button type="button" className="press press-small" onClick={() => onWear(wearByPinch(newMm, pinchedMm))}>
          {m.takeItSo}
        </button>
      )}
    </div>
  );
}

const today = (): string => new Date().toISOString().slice(0, 10);

/** What keeps the piece what its label says: how often, how it stands, done. */
export function CareFields({ piece, onDone, onWear }: Props) {
  const needs = careOf(piece, piece.care, piece.wears);
  if (needs.length === 0) return null;
  const done = (task: CareTask): void => onDone({ ...piece.care, [task]: { wears: piece.wears, on: today() } });
  return (
    <section aria-label={m.care} className="border-line border-t pt-2">
      <h3 className="text-muted text-sm">{m.careWornTimes({ count: piece.wears })}</h3>
      <ul>
        {needs.map((need) => (
          <li key={need.task} className="flex flex-wrap items-center justify-between gap-2 py-1">
            <span>
              {CARE_WORDS[need.task]}{" "}
              <span className={need.isDue ? "text-rust-text text-sm" : "text-muted text-sm"}>
                {careStandText(need, piece.care[need.task]?.on ?? null)}
              </span>
            </span>
            <button type="button" className="press press-small" onClick={() => done(need.task)}>
              {m.done}
              <span className="sr-only">: {CARE_WORDS[need.task]}</span>
            </button>
          </li>
        ))}
      </ul>
      {needs.some(({ task }) => task === "loft") && <Pinch piece={piece} onWear={onWear} />}
    </section>
  );
}
