import * as m from "@/messages";
import { MOST_COLUMNS } from "@/core/bench";
import { MINUTES_PER_HOUR } from "@/core/units";
import { useStore } from "@nanostores/react";
import { useState } from "react";
import { DEXTERITY } from "@/core/pieces";
import { fingerText, taskText } from "@/formats/display/words/bench/hand-words";
import type { Preferences } from "@/formats/display/preferences";
import { handColumnSchema } from "@/formats/wire/bench-link";
import { STANDARD_DRESS, type ComparedIn } from "@/formats/wire/kit/standard-dress";
import { $benchProblem, $setting, chosenPiece } from "@/stores/bench/bench";
import { beginHandBench, hands } from "@/stores/bench/hand-bench";
import { $preferences } from "@/stores/preferences";
import { BenchFields } from "../bench/bench-fields";
import { ComparedIn as ComparedInFields } from "../bench/compared-in";
import { useBenchLink } from "../bench/use-bench-link";
import { ChoiceField } from "../fields/choice-field";
import { useInitially } from "../page/use-initially";
import { TaskChart, TaskLegend } from "./hand-chart";
import { HandColumn } from "./hand-column";
import { HandTable } from "./hand-table";
import { OnceAlive } from "../page/once-alive";
import { guarded } from "../page/guarded";

type Props = { readonly comparedIn: ComparedIn; readonly preferences: Preferences };

/** Draw, focus, tie a hook: what sits are for. */
const USUAL_TASK = 3;
const namesOf = (column: readonly string[]): string[] => column.flatMap((id) => chosenPiece(id)?.name ?? []);

/** Gloves, mitts and what is under them side by side: how long fingers last, at rest and at work. */
function HandwearBench({ comparedIn, preferences: fromCookie }: Props) {
  const { view, chosen: dress, outings } = comparedIn;
  useInitially(() => {
    $preferences.set(fromCookie);
    beginHandBench(view);
  });
  useBenchLink(hands, handColumnSchema);
  const preferences = useStore($preferences);
  const setting = useStore($setting);
  const columns = useStore(hands.$columns);
  const answers = useStore(hands.$answers);
  const isBusy = useStore(hands.$isBusy);
  const problem = useStore($benchProblem);
  const [needed, setNeeded] = useState(USUAL_TASK);
  if (!setting) return null;
  const level = setting.person.accepted.fingers;
  return (
    <OnceAlive>
      <div className="flex flex-col gap-4 pt-4">
        <div>
          <h1 className="text-2xl font-semibold">{m.handwearBench}</h1>
          <p className="text-muted max-w-prose text-sm">
            {view.person.name}, {dress === STANDARD_DRESS ? m.inAStandardDress : m.dressedAsFor({ name: view.name })}
            {m.straightFromIndoorsSittingStillAfter}
          </p>
        </div>
        <ComparedInFields chosen={dress} outings={outings} columnsNow={() => hands.$columns.get()} />
        <BenchFields setting={setting} onChange={hands.setSetting} />
        {problem !== null && (
          <p role="alert" className="text-cranberry">
            {problem}
          </p>
        )}
        <div className="flex flex-wrap items-end gap-6">
          <ChoiceField
            label={m.theWorkingHandHasTo}
            value={String(needed)}
            options={DEXTERITY.slice(1).map((words, index): [string, string] => [String(index + 1), words])}
            onChange={(step) => setNeeded(Number(step))}
          />
          <TaskLegend />
        </div>
        <div aria-busy={isBusy} className="grid gap-6 sm:grid-cols-2 lg:grid-cols-4" data-testid="columns">
          {columns.map((column, index) => {
            const answer = answers[index];
            const task = answer?.tasks.find(({ dexterityNeeded }) => dexterityNeeded === needed);
            return (
              <section key={index} aria-label={m.hands2({ index: index + 1 })} className="flex min-w-0 flex-col gap-2">
                <p>
                  <span className="text-2xl font-bold" data-testid="task-lasts">
                    {task ? taskText(task, level) : "…"}
                  </span>{" "}
                  <span className="text-muted text-sm">
                    {m.atItAtRest}{" "}
                    {answer ? fingerText(answer.restMinutes[level], setting.hours * MINUTES_PER_HOUR) : "…"}
                  </span>
                </p>
                {task && <TaskChart task={task} preferences={preferences} />}
                <HandColumn
                  index={index}
                  column={column}
                  onChange={(changed) => hands.setColumns(columns.map((own, at) => (at === index ? changed : own)))}
                  onRemove={columns.length > 1 ? () => hands.setColumns(columns.filter((_, at) => at !== index)) : null}
                />
              </section>
            );
          })}
          {columns.length < MOST_COLUMNS && (
            <button
              type="button"
              className="press self-start"
              onClick={() => hands.setColumns([...columns, columns.at(-1) ?? []])}
            >
              {m.anotherBeside}
            </button>
          )}
        </div>
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.inFigures}>
          <HandTable
            answers={answers}
            names={columns.map(namesOf)}
            level={level}
            hours={setting.hours}
            preferences={preferences}
          />
        </div>
      </div>
    </OnceAlive>
  );
}

export default guarded(HandwearBench);
