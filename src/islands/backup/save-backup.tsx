import * as m from "@/messages";
import { KEPT_WORDS } from "@/formats/display/words/kept-words";
import { useState } from "react";
import { saveBlob } from "../page/save-file";

/** What a backup does not hold is told at its very end; the list is shorter than this. */
const END_BYTES = 1_000_000;

/** What the end of a backup says is missing from it, in words. */
async function leftOutOf(file: Blob): Promise<string[]> {
  const end = await file.slice(-END_BYTES).text();
  const list = /,"leftOut":(\[.*\])\}$/s.exec(end)?.[1];
  if (list === undefined) return [];
  const parsed = JSON.parse(list) as readonly { what: keyof typeof KEPT_WORDS; name: string; reason: string }[];
  return parsed.map(({ what, name, reason }) => `${KEPT_WORDS[what]} “${name}”: ${reason}`);
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
      if (!response.ok) throw new Error(m.theServerAnswered({ status: response.status }));
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
        {m.saveABackup}
      </button>
      <p role="status" className="pt-1" data-testid="backup-saved">
        {state.kind === "saving" && m.writing}
        {state.kind === "saved" && state.leftOut.length === 0 && m.theFileHoldsEverything}
        {state.kind === "saved" && state.leftOut.length > 0 && m.theFileWasSavedTheseCould}
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
          {m.theBackupIsNotWholeAnd}
        </p>
      )}
    </div>
  );
}
