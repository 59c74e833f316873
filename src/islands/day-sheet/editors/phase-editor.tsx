import * as m from "@/messages";
import { POSTURE_WORDS } from "@/formats/display/words/body-words";
import { FieldNote } from "./field-note";
import { useStore } from "@nanostores/react";
import { EFFORT_CLASS, type EffortClass } from "@/core/effort";
import { OUTING_RANGE, PHASE_KINDS, type PhaseKind, minutesBefore, totalMinutes } from "@/core/outing";
import { SITTER_POSTURES } from "@/core/sitter";
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
  return (
    <p className="text-sm">
      {m.heatMadeTitle} {plainNumber(mean, 0)} {m.wOnTheMean}
    </p>
  );
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
      ? [AS_WALKED, m.theWayWalkedAsThePlace]
      : [AS_STATED, m.ofTimesTheRestingHeat({ activityRatio: plainNumber(phase.activityRatio, 1) })],
    ...optionsOf(EFFORT_WORDS).map(([key, words]): [string, string] => [
      key,
      m.timesRest({ words, activityRatio: plainNumber(EFFORT_CLASS[key].activityRatio, 1) }),
    ]),
  ];
  return (
    <>
      <ChoiceField
        label={m.effortTitle}
        note={<FieldNote of="effort" />}
        value={value}
        options={options}
        onChange={(chosen) =>
          editPhase(m.effort, index, {
            effort:
              chosen === AS_WALKED || chosen === AS_STATED
                ? undefined
                : { kind: "class", class: chosen as EffortClass },
          })
        }
      />
      {value === AS_STATED && (
        <NumberField
          label={m.heatOverResting}
          unit={m.times}
          value={phase.activityRatio}
          low={1}
          high={12}
          step={0.1}
          decimals={1}
          onChange={(activityRatio) => editPhase(m.effort, index, { activityRatio })}
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
  [m.anotherSit, { kind: "sit", minutes: 60, ...STILL }],
  [m.walkAbout, { kind: "break", minutes: 10, posture: "standing", activityRatio: 3, walkSpeedMPerS: 0.9 }],
  [m.warmUpIndoors, { kind: "warmUp", minutes: 20, ...STILL }],
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
        {m.splitInTwo}
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
          {words} {m.afterThis}
        </button>
      ))}
      <button
        type="button"
        className="press press-small"
        disabled={isOnlySit || view.phases.length === 1}
        title={isOnlySit ? m.anOutingNeedsASit : undefined}
        onClick={() => {
          $selection.set(null);
          removePhase(index);
        }}
      >
        {m.takeOut}
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
          label={m.minutes}
          unit={m.min2}
          value={phase.minutes}
          low={OUTING_RANGE.phaseMinutes[0]}
          high={most}
          step={5}
          decimals={0}
          onChange={(minutes) => editPhaseMinutes(index, Math.round(minutes))}
        />
        <ChoiceField
          label={m.kind}
          note={<FieldNote of="phaseKind" />}
          value={phase.kind}
          options={kinds}
          onChange={(kind) => editPhase(m.kindOfPhase, index, { kind })}
        />
        <ChoiceField
          label={m.postureTitle}
          note={<FieldNote of="posture" />}
          value={phase.posture}
          options={SITTER_POSTURES.map((posture) => [posture, POSTURE_WORDS[posture]] as const)}
          onChange={(posture) => editPhase(m.posture, index, { posture })}
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
