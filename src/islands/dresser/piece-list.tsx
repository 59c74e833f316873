import * as m from "@/messages";
import { Fragment } from "react";
import type { DresserPiece } from "@/core/dresser";
import { usualWearing } from "@/core/dressing";
import type { WearingSide } from "@/core/outing";
import { LANES, laneOf } from "@/core/pieces";
import { moneyText } from "@/formats/display/numbers";
import { quantityText } from "@/formats/display/quantities";
import { LANE_WORDS } from "@/formats/display/words/body-words";

/** A piece of an outfit, what it weighs, or usually does, and on which side it is. */
export type ListedPiece = { readonly piece: DresserPiece; readonly massG: number; readonly side: WearingSide };

type Props = { readonly title: string; readonly pieces: readonly ListedPiece[]; readonly currency: string };

const outwards = (one: ListedPiece, other: ListedPiece): number =>
  usualWearing(one.piece).rank - usualWearing(other.piece).rank;

/** What is said beside a piece's name. */
function besideName({ piece, massG, side }: ListedPiece, currency: string): string {
  const mass = quantityText("smallMass", massG);
  const { isGeneric, priceMinor } = piece;
  return [
    piece.massG === undefined ? m.aboutSoHeavy({ mass }) : mass,
    ...(side === "both" ? [] : [m.otherHandOnly]),
    ...(isGeneric ? [priceMinor ? m.notOwnedPriced({ price: moneyText(priceMinor, currency) }) : m.notOwned] : []),
  ].join(", ");
}

/** Pieces from head to foot, in each zone from the skin out. */
export function PieceList({ title, pieces, currency }: Props) {
  if (pieces.length === 0) return null;
  const zones = LANES.map((lane) => [lane, pieces.filter(({ piece }) => laneOf(piece) === lane)] as const);
  return (
    <div>
      <h3 className="border-line border-b font-semibold">{title}</h3>
      <dl className="grid grid-cols-[3.5rem_minmax(0,1fr)] gap-x-2">
        {zones
          .filter(([, own]) => own.length > 0)
          .map(([lane, own]) => (
            <Fragment key={lane}>
              <dt className="text-muted text-sm leading-6">{LANE_WORDS[lane]}</dt>
              <dd>
                <ul>
                  {[...own].sort(outwards).map((listed) => (
                    <li key={listed.piece.id}>
                      {listed.piece.name} <span className="text-muted text-sm">{besideName(listed, currency)}</span>
                    </li>
                  ))}
                </ul>
              </dd>
            </Fragment>
          ))}
      </dl>
    </div>
  );
}
