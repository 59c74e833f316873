import { fixedNumber, plainNumber } from "../display/numbers";
import { materialWords } from "../display/words/label-words";
import { readingRows } from "../display/words/reading-words";
import { STARTER_KITS } from "../../core/starter-kit";
import type { StarterPiece } from "../../core/starter-kit";

const labelText = ({ label }: StarterPiece): string =>
  label.kind === "explicit"
    ? "layers as given"
    : [...new Set(label.panels.flatMap(({ materials }) => materials.map(materialWords)))].join("; ");

const rowOf = (piece: StarterPiece): string[] =>
  readingRows(piece.label).map(({ parts, clo, spreadClo, insulationM2KPerW }, index) => {
    const head = index === 0 ? [piece.name, labelText(piece), `${plainNumber(piece.massG, 0)} g`] : ["", "", ""];
    const reading = `${fixedNumber(clo, 2)} ± ${fixedNumber(spreadClo, 2)}`;
    return `| ${[...head, parts, reading, fixedNumber(insulationM2KPerW, 3)].join(" | ")} |`;
  });

/** Every starter kit with every reading, as Markdown. */
export function describeStarterKits(): string {
  const kits = Object.values(STARTER_KITS).map(({ words, says, pieces }) =>
    [
      `## ${words}`,
      "",
      `${says[0]!.toUpperCase()}${says.slice(1)}.`,
      "",
      "| piece | what its label says | mass | on | clo | m²K/W |",
      "| --- | --- | --- | --- | --- | --- |",
      ...pieces.flatMap(rowOf),
    ].join("\n"),
  );
  return [
    "# Starter kits",
    "",
    "Generic, unbranded pieces, invented, with figures as labels print them. Written by `npm run schema` from the code; each",
    "reading is of the piece alone, lying flat, without the air over it, with one standard deviation (method: section 3).",
    "",
    kits.join("\n\n"),
    "",
  ].join("\n");
}
