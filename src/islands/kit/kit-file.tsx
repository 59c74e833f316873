import { useState } from "react";
import { guessedMark, readKit, type DecimalMark } from "@/formats/kit-file/read-kit";
import { kitToCsv, kitToJson } from "@/formats/kit-file/write-kit";
import { contentOf, type KitPiece } from "@/formats/wire/kit/kit-view";
import { addPieces } from "@/stores/kit-page";
import { ChoiceField } from "../fields/choice-field";
import { Dialog } from "../page/dialog";
import { readTextFile } from "../page/read-text-file";
import { saveFile } from "../page/save-file";
import { ToldList } from "../fields/told-list";

type Props = { readonly pieces: readonly KitPiece[]; readonly onClose: () => void };

function Export({ pieces }: Pick<Props, "pieces">) {
  const kept = pieces.filter(({ status }) => status !== "deleted").map(contentOf);
  const [told, setTold] = useState("");
  const asCsv = (): void => {
    const { text, leftOut } = kitToCsv(kept);
    saveFile("kit.csv", "text/csv;charset=utf-8", text);
    setTold(leftOut.length === 0 ? "" : `Left out, as a table cannot hold them: ${leftOut.join(", ")}. JSON does.`);
  };
  return (
    <section aria-label="Export" className="flex flex-col gap-2">
      <h3 className="font-semibold">Take the kit along</h3>
      <p className="flex flex-wrap gap-2">
        <button type="button" className="press" onClick={asCsv}>
          As a table (CSV)
        </button>
        <button
          type="button"
          className="press"
          onClick={() => saveFile("kit.json", "application/json", kitToJson(kept))}
        >
          As JSON, with everything
        </button>
      </p>
      <p role="status" className="text-muted text-sm">
        {told}
      </p>
    </section>
  );
}

function Import({ onClose }: Pick<Props, "onClose">) {
  const [text, setText] = useState("");
  const [mark, setMark] = useState<DecimalMark>("point");
  const [problem, setProblem] = useState<string | null>(null);
  const read = text.trim() === "" ? null : readKit(text, mark);
  const take = (next: string): void => {
    setText(next);
    setMark(guessedMark(next));
    setProblem(null);
  };
  const add = async (): Promise<void> => {
    try {
      await addPieces(read?.pieces ?? []);
      onClose();
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const count = read?.pieces.length ?? 0;
  return (
    <section aria-label="Import" className="flex flex-col gap-3">
      <h3 className="font-semibold">Add from a file</h3>
      <div className="flex flex-wrap items-end gap-4">
        <label className="flex flex-col gap-1">
          <span className="text-muted text-sm">A file, CSV or JSON</span>
          <input
            type="file"
            accept=".csv,.json,text/csv,application/json"
            className="field"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void readTextFile(file).then(take);
            }}
          />
        </label>
        <ChoiceField<DecimalMark>
          label="Decimals are written with"
          value={mark}
          options={[
            ["point", "a point: 6.5"],
            ["comma", "a comma: 6,5"],
          ]}
          onChange={setMark}
        />
      </div>
      <label className="flex flex-col gap-1">
        <span className="text-muted text-sm">or its text</span>
        <textarea
          className="field min-h-24 font-mono text-sm"
          value={text}
          onChange={(event) => take(event.target.value)}
        />
      </label>
      {read && (
        <>
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
            onClick={() => void add()}
          >
            Add {count} to the kit
          </button>
        </>
      )}
      {problem !== null && (
        <p role="alert" className="text-cranberry text-sm">
          {problem}
        </p>
      )}
    </section>
  );
}

/** The kit out as a file, and pieces in from one, looked at before they are added. */
export function KitFile({ pieces, onClose }: Props) {
  return (
    <Dialog title="Kit as a file" isOpen onClose={onClose} isWide>
      <div className="flex flex-col gap-6">
        <Export pieces={pieces} />
        <Import onClose={onClose} />
      </div>
    </Dialog>
  );
}
