import * as m from "@/messages";
import { quantityText } from "@/formats/display/quantities";
import { FieldNote } from "./field-note";
import { insulationText } from "@/formats/display/quantities";
import { useStore } from "@nanostores/react";
import { laneOf } from "@/core/pieces";
import { readLabel } from "@/core/labels";
import { changeCost } from "@/core/dressing";
import { totalMinutes } from "@/core/outing";
import { LEAK_POINTS } from "@/core/patches";
import { problemWords } from "@/formats/display/words/problem-words";
import { clockText } from "@/formats/display/time";
import { LEAK_POINT_WORDS, partWords, PATCH_WORDS, SIDE_WORDS } from "@/formats/display/words/body-words";
import { WHEN_OFF_WORDS } from "@/formats/display/words/sheet-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView, PieceView, WearingView } from "@/formats/wire/outing/outing-view";
import { problemsOfView } from "@/formats/wire/outing/problems-of-view";
import { kitOf } from "@/formats/wire/outing/view-to-outing";
import { $readMinute, $selection } from "@/stores/sheet/day-sheet";
import { cutWearing, editWearing, removeWearing, swapPiece } from "@/stores/sheet/edits";
import { ChoiceField, optionsOf } from "../../fields/choice-field";
import { ClockField } from "../../fields/clock-field";
import { HeatEditor } from "./heat-editor";
import { LayerOrder } from "./layer-order";

/** What the label means on each part, in one unit; parts that read alike stand together. */
function readingWords(piece: PieceView): { parts: string; clo: string }[] {
  const groups = new Map<string, string[]>();
  for (const { patch, insulationM2KPerW } of readLabel(piece.label)) {
    const clo = insulationText(insulationM2KPerW, 1);
    groups.set(clo, [...(groups.get(clo) ?? []), PATCH_WORDS[patch]]);
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

type Worn = { readonly view: OutingView; readonly wearing: WearingView; readonly piece: PieceView };

function Problem({ view, wearing }: Omit<Worn, "piece">) {
  const problem = problemsOfView(view).get(wearing.id);
  if (!problem) return null;
  const other = view.kit.find(({ id }) => id === problem.otherPieceId)?.name ?? m.anotherPiece;
  const { reason, wayOut } = problemWords(problem.kind, other);
  return (
    <p role="alert" className="border-cranberry bg-raised border-l-4 px-3 py-1.5 text-sm">
      {m.thisPiece} {reason}. {wayOut}
    </p>
  );
}

/** From when to when, on which side, above or under what. */
function When({ view, wearing }: Worn) {
  const { id } = wearing;
  const total = totalMinutes(view.phases);
  const clock = { startsAt: view.startsAt, timeZone: view.place.timeZone };
  const set = (change: Partial<WearingView>): void => editWearing(m.wearForAnotherTime, id, change);
  return (
    <div className="flex flex-wrap gap-4">
      <ClockField
        key={`${id} from`}
        {...clock}
        label={m.onAt}
        minute={wearing.fromMinute}
        low={0}
        high={wearing.toMinute - 1}
        onChange={(minute) => set({ fromMinute: minute })}
      />
      <ClockField
        key={`${id} to`}
        {...clock}
        label={m.offAt}
        minute={wearing.toMinute}
        low={wearing.fromMinute + 1}
        high={Math.max(total, wearing.toMinute)}
        onChange={(minute) => set({ toMinute: minute })}
      />
      <ChoiceField
        label={m.sideTitle}
        note={<FieldNote of="side" />}
        value={wearing.side}
        options={optionsOf(SIDE_WORDS)}
        onChange={(side) => editWearing(m.side, id, { side })}
      />
      <ChoiceField
        label={m.whenOffItIsTitle}
        note={<FieldNote of="whenOff" />}
        value={wearing.whenOff}
        options={optionsOf(WHEN_OFF_WORDS)}
        onChange={(whenOff) => editWearing(m.whereItIsWhenOff, id, { whenOff })}
      />
      <LayerOrder view={view} id={id} />
    </div>
  );
}

const toggled = <Word extends string>(words: readonly Word[], word: Word): Word[] =>
  words.includes(word) ? words.filter((own) => own !== word) : [...words, word];

/** Hood, cap, lining; closures opened by hand. */
function Regulators({ wearing, piece }: Omit<Worn, "view">) {
  const parts = [...new Set(piece.label.panels.flatMap(({ part }) => part ?? []))];
  const isGarment = piece.kind === "garment";
  if (parts.length === 0 && !isGarment) return null;
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
      <legend className="text-muted text-sm">{m.regulators}</legend>
      {parts.map((part) => (
        <label key={part} className="flex min-h-6 items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4"
            checked={!wearing.withoutParts.includes(part)}
            onChange={() =>
              editWearing(m.onOrOff({ part: partWords(part) }), wearing.id, {
                withoutParts: toggled(wearing.withoutParts, part),
              })
            }
          />
          {m.partOn({ part: partWords(part) })}
        </label>
      ))}
      {isGarment &&
        LEAK_POINTS.map((point) => (
          <label key={point} className="flex min-h-6 items-center gap-1.5">
            <input
              type="checkbox"
              className="size-4"
              checked={wearing.opened.includes(point)}
              onChange={() => editWearing(m.openings, wearing.id, { opened: toggled(wearing.opened, point) })}
            />
            {m.openAtPoint({ point: LEAK_POINT_WORDS[point] })}
          </label>
        ))}
    </fieldset>
  );
}

/** What putting it on out there costs: minutes, what is off meanwhile, bare hands. */
function WhatItCosts({ view, wearing, piece }: Worn) {
  if (wearing.fromMinute === 0) return null;
  const pieces = new Map(kitOf(view).map((own) => [own.id, own]));
  const worn = view.wearings.flatMap((own) => {
    const known = pieces.get(own.pieceId);
    return known ? [{ ...own, piece: known }] : [];
  });
  const own = { ...wearing, piece: pieces.get(piece.id)! };
  const { minutes, off } = changeCost(worn, own, wearing.fromMinute);
  if (minutes === 0) return null;
  return (
    <p className="text-sm">
      {m.puttingItOnOutThereTakes} {minutes} {m.minWithHandsFreeForZips}
      {off.length > 0 ? m.offMeanwhile({ off: off.map(({ name }) => name).join(", ") }) : ""}.
    </p>
  );
}

/** A piece worn on a span: swap it for another of the kit, say when and how it is worn. */
export function WearingEditor({ view, id }: { readonly view: OutingView; readonly id: string }) {
  const readMinute = useStore($readMinute);
  const wearing = view.wearings.find((candidate) => candidate.id === id);
  const piece = view.kit.find((candidate) => candidate.id === wearing?.pieceId);
  if (!wearing || !piece) return null;
  const others = view.kit.filter((candidate) => canStandIn(view, piece, candidate));
  const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  const middle = Math.round((wearing.fromMinute + wearing.toMinute) / 2);
  const isInside = readMinute !== null && wearing.fromMinute < readMinute && readMinute < wearing.toMinute;
  const cutAt = isInside ? readMinute : middle;
  return (
    <div className="flex flex-col gap-3">
      <h2 className="text-lg font-semibold">
        {piece.name}{" "}
        <span className="text-muted font-normal">{`${clock(wearing.fromMinute)}–${clock(wearing.toMinute)}`}</span>
      </h2>
      <Problem view={view} wearing={wearing} />
      <ChoiceField
        label={m.swapFor}
        value={piece.id}
        options={others.map(({ id: other, name, massG }): [string, string] => [
          other,
          massG === null ? name : `${name} (${quantityText("smallMass", massG)})`,
        ])}
        onChange={(other) => swapPiece(piece.id, other)}
      />
      <When view={view} wearing={wearing} piece={piece} />
      <Regulators wearing={wearing} piece={piece} />
      {piece.traits.heat && <HeatEditor view={view} wearing={wearing} source={piece.traits.heat} />}
      <WhatItCosts view={view} wearing={wearing} piece={piece} />
      <dl className="text-sm">
        <dt className="text-muted">{m.theLabelReadsAs}</dt>
        {readingWords(piece).map(({ parts, clo }) => (
          <dd key={clo}>
            <strong>{clo}</strong> {parts}
          </dd>
        ))}
      </dl>
      <p className="flex flex-wrap gap-2">
        <button
          type="button"
          className="press press-small"
          disabled={wearing.toMinute - wearing.fromMinute < 2}
          onClick={() => cutWearing(id, cutAt)}
        >
          {m.splitAt} {clock(cutAt)}
        </button>
        <button
          type="button"
          className="press press-small"
          onClick={() => {
            $selection.set(null);
            removeWearing(id);
          }}
        >
          {m.leaveItOff}
        </button>
      </p>
    </div>
  );
}
