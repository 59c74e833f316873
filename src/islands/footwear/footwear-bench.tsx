import * as m from "@/messages";
import { MOST_COLUMNS } from "@/core/bench";
import { useStore } from "@nanostores/react";
import { WHY_PRINTED_DIFFERS } from "@/core/opinion";
import { toeText } from "@/formats/display/words/bench/foot-words";
import type { Preferences } from "@/formats/display/preferences";
import { footColumnSchema } from "@/formats/wire/bench-link";
import { STANDARD_DRESS, type ComparedIn } from "@/formats/wire/kit/standard-dress";
import { $benchProblem, $setting, chosen } from "@/stores/bench/bench";
import { beginFootBench, feet } from "@/stores/bench/foot-bench";
import { $preferences } from "@/stores/preferences";
import { useInitially } from "../page/use-initially";
import { BenchFields } from "../bench/bench-fields";
import { ComparedIn as ComparedInFields } from "../bench/compared-in";
import { useBenchLink } from "../bench/use-bench-link";
import { FootChart, FootLegend } from "./foot-chart";
import { FootColumn } from "./foot-column";
import { FootTable } from "./foot-table";
import { OnceAlive } from "../page/once-alive";
import { guarded } from "../page/guarded";

type Props = { readonly comparedIn: ComparedIn; readonly preferences: Preferences };

/** Boots with socks, footbed and pad side by side: what the toes have of them. */
function FootwearBench({ comparedIn, preferences: fromCookie }: Props) {
  const { view, chosen: dress, outings } = comparedIn;
  useInitially(() => {
    $preferences.set(fromCookie);
    beginFootBench(view);
  });
  useBenchLink(feet, footColumnSchema);
  const preferences = useStore($preferences);
  const setting = useStore($setting);
  const columns = useStore(feet.$columns);
  const answers = useStore(feet.$answers);
  const isBusy = useStore(feet.$isBusy);
  const problem = useStore($benchProblem);
  if (!setting) return null;
  const level = setting.person.accepted.toes;
  const { airTemperatureC, hours } = setting;
  return (
    <OnceAlive>
      <div className="flex flex-col gap-4 pt-4">
        <div>
          <h1 className="text-2xl font-semibold">{m.footwearBench}</h1>
          <p className="text-muted text-sm">
            {view.person.name}, {dress === STANDARD_DRESS ? m.inAStandardDress : m.dressedAsFor({ name: view.name })}
            {m.straightFromIndoorsSittingStillA}
          </p>
        </div>
        <ComparedInFields chosen={dress} outings={outings} columnsNow={() => feet.$columns.get()} />
        <BenchFields setting={setting} onChange={feet.setSetting} />
        {problem !== null && (
          <p role="alert" className="text-cranberry">
            {problem}
          </p>
        )}
        <FootLegend preferences={preferences} />
        <div aria-busy={isBusy} className="grid gap-6 sm:grid-cols-2 lg:grid-cols-4" data-testid="columns">
          {columns.map((column, index) => {
            const answer = answers[index];
            return (
              <section key={index} aria-label={m.feet2({ index: index + 1 })} className="flex min-w-0 flex-col gap-2">
                <p className="text-2xl font-bold" data-testid="toes-last">
                  {answer ? toeText(answer.toeMinutes, level, hours) : "…"}
                </p>
                {answer && (
                  <FootChart
                    answer={answer}
                    airTemperatureC={airTemperatureC}
                    hours={hours}
                    preferences={preferences}
                  />
                )}
                <FootColumn
                  index={index}
                  column={column}
                  onChange={(changed) => feet.setColumns(columns.map((own, at) => (at === index ? changed : own)))}
                  onRemove={columns.length > 1 ? () => feet.setColumns(columns.filter((_, at) => at !== index)) : null}
                />
              </section>
            );
          })}
          {columns.length < MOST_COLUMNS && (
            <button
              type="button"
              className="press self-start"
              onClick={() => feet.setColumns([...columns, columns.at(-1)!])}
            >
              {m.anotherBeside}
            </button>
          )}
        </div>
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.inFigures}>
          <FootTable
            answers={answers}
            boots={columns.map(({ boot }) => chosen(boot))}
            level={level}
            hours={hours}
            preferences={preferences}
          />
        </div>
        <p className="text-muted max-w-prose text-sm">
          {m.whyAPrintedTemperatureAndOurs} {WHY_PRINTED_DIFFERS}
          {m.aGaiterAHeightOfShaft}
        </p>
      </div>
    </OnceAlive>
  );
}

export default guarded(FootwearBench);
