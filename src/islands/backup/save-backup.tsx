import { useState } from "react";
import { saveBlob } from "../page/save-file";

/** What a backup does not hold is told at its very end; the list is shorter than this. */
const END_BYTES = 1_000_000;

/** What the end of a backup says is missing from it, in words. */
async function leftOutOf(file: Blob): Promise<string[]> {
  const end = await file.slice(-END_BYTES).text();
  const list = /,"leftOut":(\[.*\])\}$/s.exec(end)?.[1];
  if (list === undefined) return [];
  const parsed = JSON.parse(list) as readonly { what: string; name: string; reason: string }[];
  return parsed.map(({ what, name, reason }) => `${what} “${name}”: ${reason}`);
}

type State =
  | { readonly kind: "idle" | "saving" }
  | { readonly kind: "saved"; readonly leftOut: readonly string[] }
  | { readonly kind: "failed" };

/** Saves everything as one file, and says what could not be put into it. */
export function SaveBackup() {
  const [state, setState] = useState<State>({ kind: "idle" });
  const save = async (): Promise<void> => {
    setState({ kind: "saving" });
    try {
      const response = await fetch("/api/backup");
      if (!response.ok) throw new Error(`the server answered ${response.status}`);
      const file = await response.blob();
      const name = /filename="([^"]+)"/.exec(response.headers.get("content-disposition") ?? "")?.[1];
      saveBlob(name ?? "umiak.json", file);
      setState({ kind: "saved", leftOut: await leftOutOf(file) });
    } catch {
      setState({ kind: "failed" });
    }
  };
  return (
    <div className="pt-3">
      <button
        type="button"
        className="press border-accent"
        disabled={state.kind === "saving"}
        onClick={() => void save()}
      >
        Save a backup
      </button>
      <p role="status" className="pt-1" data-testid="backup-saved">
        {state.kind === "saving" && "writing …"}
        {state.kind === "saved" && state.leftOut.length === 0 && "The file holds everything."}
        {state.kind === "saved" && state.leftOut.length > 0 && "The file was saved. These could not be put into it:"}
      </p>
      {state.kind === "saved" && state.leftOut.length > 0 && (
        <ul className="list-disc pl-6">
          {state.leftOut.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {state.kind === "failed" && (
        <p role="alert" className="text-cranberry">
          The backup is not whole and was not saved: the server cannot be reached or stopped half way. Try again.
        </p>
      )}
    </div>
  );
}
