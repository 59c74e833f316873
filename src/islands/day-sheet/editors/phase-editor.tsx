import { FieldNote } from "./field-note";
import { useStore } from "@nanostores/react";
import { EFFORT_CLASS, type EffortClass } from "@/core/effort";
import { OUTING_RANGE, PHASE_KINDS, type PhaseKind, minutesBefore, totalMinutes } from "@/core/outing";
import { SITTER_POSTURES, type SitterPosture } from "@/core/sitter";
import { plainNumber } from "@/formats/display/numbers";
import { EFFORT_WORDS } from "@/formats/display/words/place-words";
import { clockText } from "@/formats/display/time";
import { PHASE_WORDS } from "@/formats/display/words/sheet-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView, PhaseView } from "@/formats/wire/outing/outing-view";
import { $computed, $selection } from "@/stores/sheet/day-sheet";
import { cutPhase, editPhase, editPhaseMinutes, insertPhase, removePhase } from "@/stores/sheet/edits";
import { ChoiceField, optionsOf } from "../../fields/choice-field";
import { NumberField } from "../../fields/number-field";
import { RecurringEditor } from "./recurring-editor";
import { WetBy } from "./wet-by";

type Props = { readonly view: OutingView; readonly index: number };

const startOf = ({ phases }: OutingView, index: number): number => minutesBefore(phases, index);

/** Heat made on the mean of a phase, as computed. */
function HeatMade({ view, index }: Props) {
  const { result } = useStore($computed);
  if (!result) return null;
  const start = startOf(view, index);
  const made = result.series.heatMadeW.slice(start + 1, start + 1 + view.phases[index]!.minutes);
  if (made.length === 0) return null;
  const mean = made.reduce((sum, watts) => sum + watts, 0) / made.length;
  return <p className="text-sm">Heat made: {plainNumber(mean, 0)} W on the mean.</p>;
}

const AS_WALKED = "asWalked";
const AS_STATED = "asStated";

/** Effort in words; a walk may take it from the place, an older plan from a number. */
function Effort({ view, index }: Props) {
  const phase = view.phases[index]!;
  const isWalk = phase.kind === "walkIn" || phase.kind === "walkOut";
  const followsPlace = isWalk && view.setting.walkIn !== undefined;
  const value = phase.effort?.kind === "class" ? phase.effort.class : followsPlace ? AS_WALKED : AS_STATED;
  const options: [string, string][] = [
    followsPlace
      ? [AS_WALKED, "the way walked, as the place says"]
      : [AS_STATED, `${plainNumber(phase.activityRatio, 1)} times the resting heat`],
    ...optionsOf(EFFORT_WORDS).map(([key, words]): [string, string] => [
      key,
      `${words} (${plainNumber(EFFORT_CLASS[key].activityRatio, 1)} times rest)`,
    ]),
  ];
  return (
    <>
      <ChoiceField
        label="Effort"
        note={<FieldNote of="effort" />}
        value={value}
        options={options}
        onChange={(chosen) =>
          editPhase("effort", index, {
            effort:
              chosen === AS_WALKED || chosen === AS_STATED
                ? undefined
                : { kind: "class", class: chosen as EffortClass },
          })
        }
      />
      {value === AS_STATED && (
        <NumberField
          label="Heat over resting"
          unit="times"
          value={phase.activityRatio}
          low={1}
          high={12}
          step={0.1}
          decimals={1}
          onChange={(activityRatio) => editPhase("effort", index, { activityRatio })}
        />
      )}
    </>
  );
}

const STILL = {
  posture: "sitting",
  activityRatio: EFFORT_CLASS.sittingStill.activityRatio,
  walkSpeedMPerS: 0,
} as const;
const NEW_PHASES: readonly (readonly [string, Omit<PhaseView, "id">])[] = [
  ["Another sit", { kind: "sit", minutes: 60, ...STILL }],
  ["Walk about", { kind: "break", minutes: 10, posture: "standing", activityRatio: 3, walkSpeedMPerS: 0.9 }],
  ["Warm up indoors", { kind: "warmUp", minutes: 20, ...STILL }],
];

/** What can be done with the phase as a whole. */
function Actions({ view, index }: Props) {
  const phase = view.phases[index]!;
  const half = Math.floor(phase.minutes / 2);
  const isOnlySit = phase.kind === "sit" && view.phases.filter(({ kind }) => kind === "sit").length === 1;
  return (
    <div className="flex flex-wrap gap-2">
      <button
        type="button"
        className="press press-small"
        disabled={half < 1 || view.phases.length >= OUTING_RANGE.phases[1]}
        onClick={() => cutPhase(index, half)}
      >
        Split in two
      </button>
      {NEW_PHASES.map(([words, fresh]) => (
        <button
          key={words}
          type="button"
          className="press press-small"
          disabled={totalMinutes(view.phases) + fresh.minutes > OUTING_RANGE.totalMinutes[1]}
          onClick={() => {
            insertPhase(index + 1, fresh);
            $selection.set({ kind: "phase", index: index + 1 });
          }}
        >
          {words} after this
        </button>
      ))}
      <button
        type="button"
        className="press press-small"
        disabled={isOnlySit || view.phases.length === 1}
        title={isOnlySit ? "An outing needs a sit" : undefined}
        onClick={() => {
          $selection.set(null);
          removePhase(index);
        }}
      >
        Take out
      </button>
    </div>
  );
}

/** One phase: what it is, how long, in which posture, with what effort, and what recurs in it. */
export function PhaseEditor({ view, index }: Props) {
  const phase = view.phases[index];
  if (!phase) return null;
  const total = totalMinutes(view.phases);
  const start = startOf(view, index);
  const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  const most = Math.min(OUTING_RANGE.phaseMinutes[1], OUTING_RANGE.totalMinutes[1] - total + phase.minutes);
  const kinds = PHASE_KINDS.map((kind): [PhaseKind, string] => [kind, PHASE_WORDS[kind]]);
  return (
    <div className="flex flex-col gap-3">
      <h2 className="text-lg font-semibold">
        {PHASE_WORDS[phase.kind]}{" "}
        <span className="text-muted font-normal">{`${clock(start)}–${clock(start + phase.minutes)}`}</span>
      </h2>
      <div className="flex flex-wrap gap-4">
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
        <ChoiceField
          label="Kind"
          note={<FieldNote of="phaseKind" />}
          value={phase.kind}
          options={kinds}
          onChange={(kind) => editPhase("kind of phase", index, { kind })}
        />
        <ChoiceField
          label="Posture"
          note={<FieldNote of="posture" />}
          value={phase.posture}
          options={SITTER_POSTURES.map((posture): [SitterPosture, string] => [posture, posture])}
          onChange={(posture) => editPhase("posture", index, { posture })}
        />
      </div>
      <Effort view={view} index={index} />
      <HeatMade view={view} index={index} />
      <WetBy view={view} index={index} />
      <RecurringEditor view={view} index={index} />
      <Actions view={view} index={index} />
    </div>
  );
}
