import { useState } from "react";
import type { DecimalMark } from "@/formats/any-table/numbers";
import { readKit } from "@/formats/kit-file/read-kit";
import { ChoiceField } from "../../fields/choice-field";
import { ToldList } from "../../fields/told-list";
import { useAdding } from "./use-adding";
import { Problem } from "../../fields/problem";

type Props = { readonly text: string; readonly initialMark: DecimalMark; readonly onDone: () => void };

/** A kit as Umiak writes it: every figure of it is known. */
export function OwnFormat({ text, initialMark, onDone }: Props) {
  const [mark, setMark] = useState(initialMark);
  const { add, problem } = useAdding(onDone);
  const read = readKit(text, mark);
  const count = read.pieces.length;
  return (
    <>
      <ChoiceField<DecimalMark>
        label="Decimals are written with"
        value={mark}
        options={[
          ["point", "a point: 6.5"],
          ["comma", "a comma: 6,5"],
        ]}
        onChange={setMark}
      />
      <p role="status" data-testid="kit-preview">
        {count} {count === 1 ? "piece" : "pieces"} can be read
        {read.problems.length > 0 && `, ${read.problems.length} cannot`}.
      </p>
      {count > 0 && <p className="text-muted text-sm">{read.pieces.map(({ name }) => name).join(" · ")}</p>}
      <ToldList title="What cannot be read" told={read.problems} isProblem />
      <ToldList title="Understood so" told={read.notes} />
      <button
        type="button"
        className="press border-accent self-start"
        disabled={count === 0}
        onClick={() => void add(read.pieces)}
      >
        Add {count} to the kit
      </button>
      <Problem words={problem} />
    </>
  );
}
