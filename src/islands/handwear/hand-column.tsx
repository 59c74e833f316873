import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { MOST_HAND_LAYERS } from "@/core/bench";
import { $handwear, type HandColumn as Column } from "@/stores/bench/hand-bench";
import { NONE, pieceOptions } from "../bench/piece-options";
import { ChoiceField } from "../fields/choice-field";

type Props = {
  readonly index: number;
  readonly column: Column;
  readonly onChange: (column: Column) => void;
  readonly onRemove: (() => void) | null;
};

const LAYER_WORDS = [m.nextToTheSkin, m.overIt, m.overAll] as const;

/** What is worn on the hands in one column, from the skin out. */
export function HandColumn({ index: index, column, onChange, onRemove }: Props) {
  const options = pieceOptions(useStore($handwear), m.nothingUnder);
  const setLayer = (at: number, id: string): void => {
    const next = [...column];
    if (id === NONE) next.splice(at, 1);
    else next[at] = id;
    onChange(next);
  };
  return (
    <fieldset className="flex min-w-0 flex-col gap-2">
      <legend className="font-semibold">
        {m.handsTitle} {index + 1}
      </legend>
      {Array.from({ length: Math.min(MOST_HAND_LAYERS, column.length + 1) }, (_, at) => (
        <ChoiceField
          key={at}
          label={LAYER_WORDS[at]!}
          value={column[at] ?? NONE}
          options={options}
          onChange={(id) => setLayer(at, id)}
        />
      ))}
      {onRemove && (
        <button type="button" className="press press-small self-start" onClick={onRemove}>
          {m.takeAway}
        </button>
      )}
    </fieldset>
  );
}
