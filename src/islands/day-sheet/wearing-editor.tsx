import { useId } from "react";
import { laneOf } from "@/charts/lane-of";
import { readLabel } from "@/core/labels";
import { cloFromInsulation } from "@/core/units";
import { plainNumber } from "@/formats/display/numbers";
import { clockText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView, PieceView, WearingView } from "@/formats/wire/outing-view";
import { editWearing, swapPiece } from "@/stores/day-sheet";
import { NumberField } from "../number-field";

const PATCH_WORDS: Readonly<Record<string, string>> = {
  lowerBack: "lower back",
  upperArm: "upper arm",
  thighOnSeat: "thigh on the seat",
  footUpper: "foot",
};

/** What the label means on each part, in one unit; parts that read alike stand together. */
function readingWords(piece: PieceView): { parts: string; clo: string }[] {
  const groups = new Map<string, string[]>();
  for (const { patch, insulationM2KPerW } of readLabel(piece.label)) {
    const clo = plainNumber(cloFromInsulation(insulationM2KPerW), 1);
    groups.set(clo, [...(groups.get(clo) ?? []), PATCH_WORDS[patch] ?? patch]);
  }
  return [...groups].map(([clo, parts]) => ({ clo, parts: parts.join(", ") }));
}

/** Whether a piece of the kit may take another's place: of the same kind and lane, and not worn at the same time. */
function canStandIn(view: OutingView, piece: PieceView, candidate: PieceView): boolean {
  if (candidate.id === piece.id) return true;
  if (candidate.kind !== piece.kind || laneOf(candidate) !== laneOf(piece)) return false;
  const spansOf = (id: string): WearingView[] => view.wearings.filter(({ pieceId }) => pieceId === id);
  return spansOf(piece.id).every((own) =>
    spansOf(candidate.id).every((other) => other.toMinute <= own.fromMinute || own.toMinute <= other.fromMinute),
  );
}

/** A piece worn on a span: swap it for another of the kit, and say from when to when. */
export function WearingEditor({ view, id }: { readonly view: OutingView; readonly id: string }) {
  const swapId = useId();
  const wearing = view.wearings.find((candidate) => candidate.id === id);
  const piece = view.kit.find((candidate) => candidate.id === wearing?.pieceId);
  if (!wearing || !piece) return null;
  const others = view.kit.filter((candidate) => canStandIn(view, piece, candidate));
  const total = view.phases.reduce((sum, { minutes }) => sum + minutes, 0);
  const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  return (
    <div className="flex flex-col gap-3">
      <h2 className="text-lg font-semibold">
        {piece.name}{" "}
        <span className="text-muted font-normal">{`${clock(wearing.fromMinute)}–${clock(wearing.toMinute)}`}</span>
      </h2>
      <div className="flex flex-col gap-1">
        <label htmlFor={swapId} className="text-muted text-sm">
          Swap for
        </label>
        <select
          id={swapId}
          className="field"
          value={piece.id}
          onChange={(event) => swapPiece(piece.id, event.target.value)}
        >
          {others.map((other) => (
            <option key={other.id} value={other.id}>
              {other.name}
              {other.massG === null ? "" : ` (${other.massG} g)`}
            </option>
          ))}
        </select>
      </div>
      <div className="flex flex-wrap gap-4">
        <NumberField
          key={`${id} from`}
          label="On after"
          unit="min"
          value={wearing.fromMinute}
          low={0}
          high={wearing.toMinute - 1}
          step={5}
          decimals={0}
          onChange={(minute) => editWearing(id, { fromMinute: Math.round(minute) })}
        />
        <NumberField
          key={`${id} to`}
          label="Off after"
          unit="min"
          value={wearing.toMinute}
          low={wearing.fromMinute + 1}
          high={Math.max(total, wearing.toMinute)}
          step={5}
          decimals={0}
          onChange={(minute) => editWearing(id, { toMinute: Math.round(minute) })}
        />
      </div>
      <dl className="text-sm">
        <dt className="text-muted">The label reads as</dt>
        {readingWords(piece).map(({ parts, clo }) => (
          <dd key={clo}>
            <strong>{clo} clo</strong> {parts}
          </dd>
        ))}
      </dl>
    </div>
  );
}
