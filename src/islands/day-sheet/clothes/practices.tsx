import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { memo, useMemo, useState } from "react";
import { PRACTICES, practiceChoicesOf, type PracticeChoice, type Practice } from "@/core/changes";
import { changeWords, gainWords, PRACTICE_WORDS, PRACTICE_QUESTION_WORDS } from "@/formats/display/words/change-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { $worths } from "@/stores/answer/derived-results";
import { holdTo } from "@/stores/answer/practice-preferences";
import { ChoiceField } from "../../fields/choice-field";
import { drawnFrom } from "../drawn-from";
import { WorthRow } from "../answer/worth-row";
import { Problem } from "../../fields/problem";

type Props = { readonly view: OutingView };

function Question({ view, practice }: { readonly view: OutingView; readonly practice: PracticeChoice }) {
  const worths = useStore($worths);
  const { question, own, others } = practice;
  const [problem, setProblem] = useState<string | null>(null);
  const held = view.person.practicePreferences.practices[question];
  const heldWorth = worths?.find(({ change }) => change.id === `practice ${question} ${held}`);
  const nameOf = (id: string): string => view.kit.find((piece) => piece.id === id)?.name ?? m.aPiece;
  return (
    <section aria-label={PRACTICE_QUESTION_WORDS[question]}>
      <h3 className="mt-2 text-sm font-semibold">{PRACTICE_QUESTION_WORDS[question]}</h3>
      <p className="text-muted text-sm">{own ? m.youPlan({ own: PRACTICE_WORDS[own] }) : m.youPlanAnotherWay}</p>
      <ChoiceField<Practice | "">
        label={m.howDoesIt({ name: view.person.name })}
        value={held ?? ""}
        options={[
          ["", m.nowThisNowThat],
          ...PRACTICES[question].map((way: Practice): [Practice, string] => [way, PRACTICE_WORDS[way]]),
        ]}
        onChange={(way) => {
          const practices = { ...view.person.practicePreferences.practices, [question]: way === "" ? undefined : way };
          holdTo({ practices }).catch((error: Error) => setProblem(error.message));
        }}
      />
      {held && held !== own && heldWorth && (
        <p className="text-sm">
          {m.yourOwnWay} {PRACTICE_WORDS[held]}
          {m.wouldBe} <strong>{gainWords(heldWorth)}</strong> {m.here}
        </p>
      )}
      <Problem words={problem} />
      <ol>
        {others.map(({ id }) => {
          const worth = worths?.find(({ change }) => change.id === id);
          if (!worth) return null;
          const { pieceIds } = worth.change;
          const piece = pieceIds.length === 1 ? ` (${nameOf(pieceIds[0]!)})` : "";
          return <WorthRow key={id} worth={worth} words={`${changeWords(worth.change, nameOf)}${piece}`} />;
        })}
      </ol>
    </section>
  );
}

function Questions({ view }: Props) {
  const { phases, wearings, kit } = view;
  const practices = useMemo(
    () => practiceChoicesOf(viewToOuting(view), kitOf(view)).filter(({ others }) => others.length > 0),
    // What the questions follow from; weather and place do not change them.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [phases, wearings, kit],
  );
  if (practices.length === 0) return <p className="text-muted text-sm">{m.nothingInThisPlanIsDone}</p>;
  return (
    <>
      <p className="text-muted text-sm">{m.practitionersDisagreeHereNoWayIs}</p>
      {practices.map((practice) => (
        <Question key={practice.question} view={view} practice={practice} />
      ))}
    </>
  );
}

/** Where practitioners disagree, what each way is worth in this plan. */
export const Practices = memo(Questions, drawnFrom<Props>("person", "phases", "wearings", "kit"));
