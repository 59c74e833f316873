import * as m from "@/messages";
import type { NamedPiece } from "@/formats/logbook/from-table/sit-table";

type Props = {
  readonly names: readonly NamedPiece[];
  readonly pieces: readonly { readonly id: string; readonly name: string }[];
  /** @param pieceId "" for what is no piece of the kit */
  readonly onSay: (name: string, pieceId: string) => void;
};

/** Clothes as a table names them, each with the piece of the kit it is: those nobody knows first. */
export function PieceNames({ names, pieces, onSay }: Props) {
  if (names.length === 0) return null;
  const unknown = names.filter(({ pieceId }) => pieceId === null).length;
  const inTurn = [...names].sort(
    (one, other) => Number(one.pieceId !== null) - Number(other.pieceId !== null) || other.times - one.times,
  );
  return (
    <details open={unknown > 0}>
      <summary className="link w-fit">
        {unknown > 0 ? m.sitsNamesUnknown({ count: unknown }) : m.sitsNamesKnown({ count: names.length })}
      </summary>
      <ul className="flex flex-wrap gap-x-4 gap-y-2 pt-2" aria-label={m.sitsNames}>
        {inTurn.map(({ name, pieceId, times }) => (
          <li key={name}>
            <label className="flex flex-col gap-1 text-sm">
              <span className="max-w-56 truncate font-semibold" title={name}>
                {name} <span className="text-muted font-normal">× {times}</span>
              </span>
              <select
                className="field max-w-56"
                value={pieceId ?? ""}
                onChange={(event) => onSay(name, event.target.value)}
              >
                <option value="">{pieceId === null ? m.sitsNotSaid : m.sitsNoPiece}</option>
                {pieces.map((piece) => (
                  <option key={piece.id} value={piece.id}>
                    {piece.name}
                  </option>
                ))}
              </select>
            </label>
          </li>
        ))}
      </ul>
    </details>
  );
}
