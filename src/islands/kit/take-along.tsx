import * as m from "@/messages";
import { useState } from "react";
import { kitList } from "@/formats/kit-file/kit-list";
import { kitTemplate, kitToCsv, kitToJson } from "@/formats/kit-file/write-kit";
import { contentOf, type KitPiece } from "@/formats/wire/kit/kit-view";
import { Dialog } from "../page/dialog";
import { saveFile } from "../page/save-file";

type Props = { readonly pieces: readonly KitPiece[]; readonly onClose: () => void };

const CSV = "text/csv;charset=utf-8";

/** The kit out as a file, and an empty list to fill in. */
export function TakeAlong({ pieces, onClose }: Props) {
  const listed = pieces.filter(({ status }) => status !== "deleted");
  const kept = listed.map(contentOf);
  const [told, setTold] = useState("");
  const asCsv = (): void => {
    const { text, leftOut } = kitToCsv(kept);
    saveFile("kit.csv", CSV, text);
    setTold(leftOut.length === 0 ? "" : m.leftOutAsATableCannot({ leftOut: leftOut.join(", ") }));
  };
  return (
    <Dialog title={m.takeTheKitAlong} isOpen onClose={onClose}>
      <p className="flex flex-wrap gap-2">
        <button type="button" className="press" onClick={() => saveFile("kit-list.csv", CSV, kitList(listed))}>
          {m.aListInYourUnits}
        </button>
        <button type="button" className="press" onClick={asCsv}>
          {m.asATableCsv}
        </button>
        <button
          type="button"
          className="press"
          onClick={() => saveFile("kit.json", "application/json", kitToJson(kept))}
        >
          {m.asJsonWithEverything}
        </button>
        <button type="button" className="press" onClick={() => saveFile("kit-template.csv", CSV, kitTemplate())}>
          {m.aTemplateToFillIn}
        </button>
      </p>
      <p role="status" className="text-muted mt-2 text-sm">
        {told}
      </p>
    </Dialog>
  );
}
