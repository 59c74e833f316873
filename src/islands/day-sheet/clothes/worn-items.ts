import * as m from "@/messages";
import { partWords } from "@/formats/display/words/body-words";
import { laneOf } from "@/core/pieces";
import { coveredPatches } from "@/core/labels";
import { problemWords } from "@/formats/display/words/problem-words";
import type { OutingView, PieceView, WearingView } from "@/formats/wire/outing/outing-view";
import { problemsOfView } from "@/formats/wire/outing/problems-of-view";
import type { Regulator, WornItem } from "../time-axis/timeline-lanes";

/** A jacket that opens in front: what covers the chest and is not worn close to the skin (assumption). */
const opensInFront = ({ kind, label }: PieceView): boolean =>
  kind === "garment" &&
  label.kind === "panels" &&
  (label.fit === "regular" || label.fit === "loose") &&
  coveredPatches(label).includes("chest");

function partOf(part: string, { withoutParts }: WearingView): Regulator {
  const isOn = !withoutParts.includes(part);
  return {
    name: partWords(part),
    isOn,
    state: isOn ? m.partOn({ part: partWords(part) }) : m.partOff({ part: partWords(part) }),
    command: isOn ? m.partOff({ part: partWords(part) }) : m.partOn({ part: partWords(part) }),
    toggled: { withoutParts: isOn ? [...withoutParts, part] : withoutParts.filter((own) => own !== part) },
  };
}

/** A front zip opens the neck. */
function zipOf({ opened }: WearingView): Regulator {
  const isShut = !opened.includes("neck");
  return {
    name: m.zip,
    isOn: isShut,
    state: isShut ? m.zipIsShut : m.zipIsOpen,
    command: isShut ? m.zipIsOpen : m.zipIsShut,
    toggled: { opened: isShut ? [...opened, "neck"] : opened.filter((point) => point !== "neck") },
  };
}

function itemOf(wearing: WearingView, piece: PieceView, problem: string | null): WornItem {
  const parts = [...new Set(piece.label.panels.flatMap(({ part }) => part ?? []))];
  return {
    ...wearing,
    lane: laneOf(piece),
    name: piece.name,
    regulators: [...parts.map((part) => partOf(part, wearing)), ...(opensInFront(piece) ? [zipOf(wearing)] : [])],
    problem,
  };
}

type Known = { readonly piece: PieceView; readonly item: WornItem };
/** What an edit leaves alone stays the same item, so that its bar need not be drawn again. */
const known = new WeakMap<WearingView, Known>();
function keptItemOf(wearing: WearingView, piece: PieceView, problem: string | null): WornItem {
  const kept = known.get(wearing);
  if (kept?.piece === piece && kept.item.problem === problem) return kept.item;
  const item = itemOf(wearing, piece, problem);
  known.set(wearing, { piece, item });
  return item;
}

/** Every wearing as its bar shows it. */
export function wornItems(view: Pick<OutingView, "kit" | "wearings" | "phases">): WornItem[] {
  const kit = new Map(view.kit.map((piece) => [piece.id, piece]));
  const problems = problemsOfView(view);
  return view.wearings.flatMap((wearing): WornItem[] => {
    const piece = kit.get(wearing.pieceId);
    if (!piece) return [];
    const problem = problems.get(wearing.id);
    const other = problem && kit.get(problem.otherPieceId)?.name;
    const words = problem ? problemWords(problem.kind, other ?? m.anotherPiece).reason : null;
    return [keptItemOf(wearing, piece, words)];
  });
}
