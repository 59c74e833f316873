import * as m from "@/messages";
import { LANE_WORDS } from "@/formats/display/words/body-words";
import { LANES, laneOf } from "@/core/pieces";
import type { Label } from "@/core/labels";
import type { PieceKind } from "@/core/pieces";

export type Offered = {
  readonly key: string;
  readonly name: string;
  readonly kind: PieceKind;
  readonly label: Label;
  readonly massG: number | null;
  readonly isWorn: boolean;
};

type Props = { readonly pieces: readonly Offered[]; readonly onPress: (key: string) => void };

/** Pieces from head to foot, each a button that puts it on. */
export function PieceButtons({ pieces, onPress }: Props) {
  return (
    <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
      {LANES.map((lane) => {
        const own = pieces.filter((piece) => laneOf(piece) === lane);
        if (own.length === 0) return null;
        return (
          <section key={lane} aria-label={LANE_WORDS[lane]}>
            <h3 className="border-line text-muted border-b text-sm">{LANE_WORDS[lane]}</h3>
            <ul>
              {own.map(({ key, name, massG, isWorn }) => (
                <li key={key}>
                  <button
                    type="button"
                    className="hover:bg-shade flex min-h-8 w-full items-center justify-between gap-3 px-1 text-left"
                    onClick={() => onPress(key)}
                  >
                    <span>
                      {name}
                      {isWorn && <span className="text-moss-text text-sm"> {m.onTheSheet}</span>}
                    </span>
                    <span className="text-muted text-sm">{massG === null ? "" : `${massG} g`}</span>
                  </button>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}
