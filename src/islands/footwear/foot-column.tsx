import { useStore } from "@nanostores/react";
import { MOST_SOCKS } from "@/core/bench";
import { $byPlace, type FootColumn as Column } from "@/stores/bench/foot-bench";
import { NONE, pieceOptions } from "../bench/piece-options";
import { ChoiceField } from "../fields/choice-field";

type Props = {
  readonly index: number;
  readonly column: Column;
  readonly onChange: (column: Column) => void;
  readonly onRemove: (() => void) | null;
};

/** What is worn on the feet in one column, from outside in. */
export function FootColumn({ index: index, column, onChange, onRemove }: Props) {
  const { boots, socks, footbeds, gaiters, pads } = useStore($byPlace);
  const set = (change: Partial<Column>): void => onChange({ ...column, ...change });
  const setSock = (at: number, id: string): void => {
    const next = [...column.socks];
    if (id === NONE) next.splice(at, 1);
    else next[at] = id;
    set({ socks: next });
  };
  return (
    <fieldset className="flex min-w-0 flex-col gap-2">
      <legend className="font-semibold">Feet {index + 1}</legend>
      <ChoiceField
        label="Boot"
        value={column.boot ?? NONE}
        options={pieceOptions(boots, "none")}
        onChange={(id) => set({ boot: id || null })}
      />
      {Array.from({ length: Math.min(MOST_SOCKS, column.socks.length + 1) }, (_, at) => (
        <ChoiceField
          key={at}
          label={`Sock ${at + 1}`}
          value={column.socks[at] ?? NONE}
          options={pieceOptions(socks, "none")}
          onChange={(id) => setSock(at, id)}
        />
      ))}
      <ChoiceField
        label="Footbed"
        value={column.footbed ?? NONE}
        options={pieceOptions(footbeds, "none")}
        onChange={(id) => set({ footbed: id || null })}
      />
      <ChoiceField
        label="Gaiter"
        value={column.gaiter ?? NONE}
        options={pieceOptions(gaiters, "none")}
        onChange={(id) => set({ gaiter: id || null })}
      />
      <ChoiceField
        label="Under the soles"
        value={column.under ?? NONE}
        options={pieceOptions(pads, "nothing")}
        onChange={(id) => set({ under: id || null })}
      />
      {onRemove && (
        <button type="button" className="press press-small self-start" onClick={onRemove}>
          Take away
        </button>
      )}
    </fieldset>
  );
}
