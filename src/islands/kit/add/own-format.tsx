import * as m from "@/messages";
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
        label={m.decimalsAreWrittenWith}
        value={mark}
        options={[
          ["point", m.aPoint65],
          ["comma", m.aComma65],
        ]}
        onChange={setMark}
      />
      <p role="status" data-testid="kit-preview">
        {m.piecesCanBeRead({ count })}
        {read.problems.length > 0 && m.cannot({ length: read.problems.length })}.
      </p>
      {count > 0 && <p className="text-muted text-sm">{read.pieces.map(({ name }) => name).join(" · ")}</p>}
      <ToldList title={m.whatCannotBeRead} told={read.problems} isProblem />
      <ToldList title={m.understoodSoTitle} told={read.notes} />
      <button
        type="button"
        className="press border-accent self-start"
        disabled={count === 0}
        onClick={() => void add(read.pieces)}
      >
        {m.add} {count} {m.toTheKit}
      </button>
      <Problem words={problem} />
    </>
  );
}
