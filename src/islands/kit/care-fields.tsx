import { careOf, type CareDone, type CareTask } from "@/core/care";
import { CARE_WORDS, careStandText } from "@/formats/display/care-words";
import type { KitPiece } from "@/formats/wire/kit-view";

type Props = { readonly piece: KitPiece; readonly onDone: (care: CareDone) => void };

const today = (): string => new Date().toISOString().slice(0, 10);

/** What keeps the piece what its label says: how often, how it stands, done. */
export function CareFields({ piece, onDone }: Props) {
  const needs = careOf(piece, piece.care, piece.wears);
  if (needs.length === 0) return null;
  const done = (task: CareTask): void => onDone({ ...piece.care, [task]: { wears: piece.wears, on: today() } });
  return (
    <section aria-label="Care" className="border-line border-t pt-2">
      <h3 className="text-muted text-sm">
        Care, worn {piece.wears} {piece.wears === 1 ? "time" : "times"} so far
      </h3>
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
              Done<span className="sr-only">: {CARE_WORDS[need.task]}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
