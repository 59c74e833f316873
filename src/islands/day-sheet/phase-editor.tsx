import { useId } from "react";
import { OUTING_RANGE } from "@/core/outing";
import { SITTER_POSTURES, type SitterPosture } from "@/core/sitter";
import { clockText } from "@/formats/display/time";
import { PHASE_WORDS } from "@/formats/display/words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing-view";
import { editPhase, editPhaseMinutes } from "@/stores/day-sheet";
import { NumberField } from "../number-field";

/** One phase: how long, and in which posture. */
export function PhaseEditor({ view, index }: { readonly view: OutingView; readonly index: number }) {
  const id = useId();
  const phase = view.phases[index];
  if (!phase) return null;
  const total = view.phases.reduce((sum, { minutes }) => sum + minutes, 0);
  const start = view.phases.slice(0, index).reduce((sum, { minutes }) => sum + minutes, 0);
  const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  const most = Math.min(OUTING_RANGE.phaseMinutes[1], OUTING_RANGE.totalMinutes[1] - total + phase.minutes);
  return (
    <div className="flex flex-col gap-3">
      <h2 className="text-lg font-semibold">
        {PHASE_WORDS[phase.kind]}{" "}
        <span className="text-muted font-normal">{`${clock(start)}–${clock(start + phase.minutes)}`}</span>
      </h2>
      <NumberField
        key={phase.id}
        label="Minutes"
        unit="min"
        value={phase.minutes}
        low={OUTING_RANGE.phaseMinutes[0]}
        high={most}
        step={5}
        decimals={0}
        onChange={(minutes) => editPhaseMinutes(index, Math.round(minutes))}
      />
      <div className="flex flex-col gap-1">
        <label htmlFor={id} className="text-muted text-sm">
          Posture
        </label>
        <select
          id={id}
          className="field w-40"
          value={phase.posture}
          onChange={(event) => editPhase(index, { posture: event.target.value as SitterPosture })}
        >
          {SITTER_POSTURES.map((posture) => (
            <option key={posture}>{posture}</option>
          ))}
        </select>
      </div>
      <p className="text-muted text-sm">
        Makes {phase.activityRatio} times the resting heat. What is put on or taken off later moves with its phase.
      </p>
    </div>
  );
}
