import * as m from "@/messages";
import { dampnessOf, type Dampness, type DriedHow, type PieceOnDay } from "@/core/trip";
import { plainNumber } from "@/formats/display/numbers";
import { DAMPNESS_WORDS, HOW_WORDS } from "@/formats/display/words/trip-words";

/** A second cue beside the words: how thick the mark is says how wet. */
const MARK: Readonly<Record<Dampness, string>> = {
  dry: "border-moss border-l-2",
  damp: "border-lichen border-l-4",
  wet: "border-rust border-l-8",
};

const words = (grams: number): string =>
  m.tripWater({ dampness: DAMPNESS_WORDS[dampnessOf(grams)], grams: plainNumber(grams, 0) });

/** A piece on one day: as it is in the morning, worn or not, and what dries of it in the night after. */
export function OnDay({ of, isLast }: { readonly of: PieceOnDay; readonly isLast: boolean }) {
  const { isWorn, startG, endG, washedG, driedG } = of;
  return (
    <div className={`pl-1.5 ${MARK[dampnessOf(startG)]}`}>
      <span className={dampnessOf(startG) === "dry" ? "text-muted block" : "text-rust-text block"}>
        {m.tripMorning({ words: words(startG) })}
      </span>
      <span className="block">{isWorn ? m.tripEvening({ words: words(endG) }) : m.tripNotWorn}</span>
      {washedG > 0 && <span className="block">{m.tripWashedHolds({ grams: plainNumber(endG + washedG, 0) })}</span>}
      {!isLast && dampnessOf(driedG) !== "dry" && (
        <span className="text-muted block">{m.tripDries({ grams: plainNumber(driedG, 0) })}</span>
      )}
    </div>
  );
}

type HowProps = {
  readonly label: string;
  readonly value: DriedHow | null;
  readonly usual: DriedHow;
  readonly onChange: (how: DriedHow | null) => void;
};

/** How a piece spends the night. */
export const How = ({ label, value, usual, onChange }: HowProps) => (
  <select
    aria-label={label}
    className="field no-print mt-1 block w-full text-sm"
    value={value ?? usual}
    onChange={(event) => {
      const how = event.target.value as DriedHow;
      onChange(how === usual ? null : how);
    }}
  >
    {(Object.keys(HOW_WORDS) as DriedHow[]).map((how) => (
      <option key={how} value={how}>
        {HOW_WORDS[how]}
      </option>
    ))}
  </select>
);

type InsteadProps = {
  readonly label: string;
  readonly pieces: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (pieceId: string) => void;
};

/** What may be worn instead on that day; nothing where the kit has nothing like it. */
export const Instead = ({ label, pieces, onChange }: InsteadProps) =>
  pieces.length > 0 && (
    <select
      aria-label={label}
      className="field no-print mt-1 block w-full max-w-44 text-sm"
      value=""
      onChange={(event) => event.target.value !== "" && onChange(event.target.value)}
    >
      <option value="">{m.tripInsteadPick}</option>
      {pieces.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  );
