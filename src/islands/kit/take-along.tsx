import { useState } from "react";
import { kitTemplate, kitToCsv, kitToJson } from "@/formats/kit-file/write-kit";
import { contentOf, type KitPiece } from "@/formats/wire/kit/kit-view";
import { Dialog } from "../page/dialog";
import { saveFile } from "../page/save-file";

type Props = { readonly pieces: readonly KitPiece[]; readonly onClose: () => void };

const CSV = "text/csv;charset=utf-8";

/** The kit out as a file, and an empty list to fill in. */
export function TakeAlong({ pieces, onClose }: Props) {
  const kept = pieces.filter(({ status }) => status !== "deleted").map(contentOf);
  const [told, setTold] = useState("");
  const asCsv = (): void => {
    const { text, leftOut } = kitToCsv(kept);
    saveFile("kit.csv", CSV, text);
    setTold(leftOut.length === 0 ? "" : `Left out, as a table cannot hold them: ${leftOut.join(", ")}. JSON does.`);
  };
  return (
    <Dialog title="Take the kit along" isOpen onClose={onClose}>
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
        <button type="button" className="press" onClick={() => saveFile("kit-template.csv", CSV, kitTemplate())}>
          A template to fill in
        </button>
      </p>
      <p role="status" className="text-muted mt-2 text-sm">
        {told}
      </p>
    </Dialog>
  );
}
