import { laneOf } from "@/charts/lane-of";
import { coveredPatches } from "@/core/labels";
import { problemWords } from "@/formats/display/problem-words";
import type { OutingView, PieceView, WearingView } from "@/formats/wire/outing-view";
import { problemsOfView } from "@/formats/wire/problems-of-view";
import type { Regulator, WornItem } from "./timeline-lanes";

/** A jacket that opens in front: what covers the chest and is not worn close to the skin (assumption). */
const opensInFront = ({ kind, label }: PieceView): boolean =>
  kind === "garment" &&
  label.kind === "panels" &&
  (label.fit === "regular" || label.fit === "loose") &&
  coveredPatches(label).includes("chest");

function partOf(part: string, { withoutParts }: WearingView): Regulator {
  const isOn = !withoutParts.includes(part);
  return {
    name: part,
    isOn,
    state: `${part} ${isOn ? "on" : "off"}`,
    command: `${part} ${isOn ? "off" : "on"}`,
    toggled: { withoutParts: isOn ? [...withoutParts, part] : withoutParts.filter((own) => own !== part) },
  };
}

/** A front zip opens the neck. */
function zipOf({ opened }: WearingView): Regulator {
  const isShut = !opened.includes("neck");
  return {
    name: "zip",
    isOn: isShut,
    state: `zip ${isShut ? "shut" : "open"}`,
    command: isShut ? "zip open" : "zip shut",
    toggled: { opened: isShut ? [...opened, "neck"] : opened.filter((point) => point !== "neck") },
  };
}

/** Every wearing as its bar shows it. */
export function wornItems(view: Pick<OutingView, "kit" | "wearings" | "phases">): WornItem[] {
  const kit = new Map(view.kit.map((piece) => [piece.id, piece]));
  const problems = problemsOfView(view);
  return view.wearings.flatMap((wearing): WornItem[] => {
    const piece = kit.get(wearing.pieceId);
    if (!piece) return [];
    const problem = problems.get(wearing.id);
    const parts = [...new Set(piece.label.panels.flatMap(({ part }) => part ?? []))];
    const other = problem && kit.get(problem.otherPieceId)?.name;
    return [
      {
        ...wearing,
        lane: laneOf(piece),
        name: piece.name,
        regulators: [...parts.map((part) => partOf(part, wearing)), ...(opensInFront(piece) ? [zipOf(wearing)] : [])],
        problem: problem ? problemWords(problem.kind, other ?? "another piece").reason : null,
      },
    ];
  });
}
