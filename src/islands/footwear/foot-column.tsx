import * as m from "@/messages";
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
      <legend className="font-semibold">
        {m.feetTitle} {index + 1}
      </legend>
      <ChoiceField
        label={m.bootTitle}
        value={column.boot ?? NONE}
        options={pieceOptions(boots, m.none)}
        onChange={(id) => set({ boot: id || null })}
      />
      {Array.from({ length: Math.min(MOST_SOCKS, column.socks.length + 1) }, (_, at) => (
        <ChoiceField
          key={at}
          label={m.sockTitle({ at: at + 1 })}
          value={column.socks[at] ?? NONE}
          options={pieceOptions(socks, m.none)}
          onChange={(id) => setSock(at, id)}
        />
      ))}
      <ChoiceField
        label={m.footbedTitle}
        value={column.footbed ?? NONE}
        options={pieceOptions(footbeds, m.none)}
        onChange={(id) => set({ footbed: id || null })}
      />
      <ChoiceField
        label={m.gaiter}
        value={column.gaiter ?? NONE}
        options={pieceOptions(gaiters, m.none)}
        onChange={(id) => set({ gaiter: id || null })}
      />
      <ChoiceField
        label={m.underTheSoles}
        value={column.under ?? NONE}
        options={pieceOptions(pads, m.nothingUnder)}
        onChange={(id) => set({ under: id || null })}
      />
      {onRemove && (
        <button type="button" className="press press-small self-start" onClick={onRemove}>
          {m.takeAway}
        </button>
      )}
    </fieldset>
  );
}
