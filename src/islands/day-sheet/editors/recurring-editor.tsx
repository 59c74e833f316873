import * as m from "@/messages";
import { DEXTERITY } from "@/core/pieces";
import { OUTING_RANGE, type Recurring } from "@/core/outing";
import { durationText } from "@/formats/display/time";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { editPhase } from "@/stores/sheet/edits";
import { ChoiceField } from "../../fields/choice-field";
import { NumberField } from "../../fields/number-field";

type Props = { readonly view: OutingView; readonly index: number };

const TASK: Recurring = {
  kind: "task",
  minutes: 4,
  firstAfterMinutes: 20,
  everyMinutes: 40,
  posture: "sitting",
  activityRatio: 1.5,
  walkSpeedMPerS: 0,
  hands: "working",
  dexterityNeeded: 3,
};
const WALK: Recurring = {
  kind: "break",
  minutes: 5,
  firstAfterMinutes: 55,
  everyMinutes: 60,
  posture: "standing",
  activityRatio: 3,
  walkSpeedMPerS: 0.9,
};

const TOILET_STOP: Recurring = {
  kind: "break",
  minutes: 5,
  firstAfterMinutes: 90,
  everyMinutes: null,
  posture: "standing",
  activityRatio: 1.4,
  walkSpeedMPerS: 0,
  hands: "both",
  dexterityNeeded: 2,
  bares: "toilet",
};
const ADDED: readonly (readonly [words: string, rule: Recurring])[] = [
  [m.addATaskWithTheHands, TASK],
  [m.addAWalkToGetWarm, WALK],
  [m.addAToiletStop, TOILET_STOP],
];

const HANDS: readonly (readonly ["none" | "working" | "both", string])[] = [
  ["none", m.neitherHand],
  ["working", m.theWorkingHand],
  ["both", m.bothHands2],
];

type RuleProps = {
  readonly rule: Recurring;
  readonly onChange: (rule: Recurring) => void;
  readonly onRemove: () => void;
};

/** A rule in a line: "task 4 min every 40 min". */
const ruleWords = ({ kind, minutes, everyMinutes, firstAfterMinutes, bares }: Recurring): string =>
  `${kind === "task" ? m.taskTitle : bares ? m.toiletStop : m.walkAbout} ${durationText(minutes)}, ${
    everyMinutes === null
      ? m.onceAfter2({ firstAfterMinutes: durationText(firstAfterMinutes) })
      : m.every({ everyMinutes: durationText(everyMinutes) })
  }`;

function Rule({ rule, onChange, onRemove }: RuleProps) {
  return (
    <details className="border-line border-t py-1.5">
      <summary className="min-h-6 cursor-pointer">{ruleWords(rule)}</summary>
      <div className="flex flex-wrap gap-4 pt-2">
        <NumberField
          label={m.takes}
          unit={m.min2}
          value={rule.minutes}
          low={OUTING_RANGE.recurringMinutes[0]}
          high={Math.min(OUTING_RANGE.recurringMinutes[1], (rule.everyMinutes ?? Infinity) - 1)}
          step={1}
          decimals={0}
          onChange={(minutes) => onChange({ ...rule, minutes: Math.round(minutes) })}
        />
        <NumberField
          label={m.firstAfter}
          unit={m.min2}
          value={rule.firstAfterMinutes}
          low={OUTING_RANGE.firstAfterMinutes[0]}
          high={OUTING_RANGE.firstAfterMinutes[1]}
          step={5}
          decimals={0}
          onChange={(minutes) => onChange({ ...rule, firstAfterMinutes: Math.round(minutes) })}
        />
        {rule.everyMinutes !== null && (
          <NumberField
            label={m.againEvery}
            unit={m.min2}
            value={rule.everyMinutes}
            low={Math.max(OUTING_RANGE.everyMinutes[0], rule.minutes + 1)}
            high={OUTING_RANGE.everyMinutes[1]}
            step={5}
            decimals={0}
            onChange={(minutes) => onChange({ ...rule, everyMinutes: Math.round(minutes) })}
          />
        )}
        {rule.kind === "task" && (
          <>
            <ChoiceField
              label={m.handsNeeded}
              value={rule.hands ?? "none"}
              options={HANDS}
              onChange={(hands) => onChange({ ...rule, hands })}
            />
            <ChoiceField
              label={m.theyHaveTo}
              value={String(rule.dexterityNeeded ?? 0)}
              options={DEXTERITY.map((words, level): [string, string] => [String(level), words])}
              onChange={(level) => onChange({ ...rule, dexterityNeeded: Number(level) })}
            />
          </>
        )}
      </div>
      <p className="flex flex-wrap gap-2 pt-2">
        <button
          type="button"
          className="press press-small"
          onClick={() => onChange({ ...rule, everyMinutes: rule.everyMinutes === null ? 40 : null })}
        >
          {rule.everyMinutes === null ? m.againAndAgain : m.onceOnly}
        </button>
        <button type="button" className="press press-small" onClick={onRemove}>
          {m.takeOut}
        </button>
      </p>
    </details>
  );
}

/** Tasks and breaks within a phase, as rules; handwear that cannot do a task is off meanwhile. */
export function RecurringEditor({ view, index }: Props) {
  const rules = view.phases[index]!.recurring ?? [];
  const set = (next: readonly Recurring[]): void =>
    editPhase(m.tasksAndBreaks, index, { recurring: next.length > 0 ? next : undefined });
  return (
    <div>
      {rules.map((rule, index) => (
        <Rule
          key={index}
          rule={rule}
          onChange={(changed) => set(rules.map((own, at) => (at === index ? changed : own)))}
          onRemove={() => set(rules.filter((_, at) => at !== index))}
        />
      ))}
      <p className="flex flex-wrap gap-2 pt-1">
        {ADDED.map(([words, fresh]) => (
          <button
            key={words}
            type="button"
            className="press press-small"
            disabled={rules.length >= OUTING_RANGE.recurring[1]}
            onClick={() => set([...rules, fresh])}
          >
            {words}
          </button>
        ))}
      </p>
    </div>
  );
}
