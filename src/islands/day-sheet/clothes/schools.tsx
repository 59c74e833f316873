import { useStore } from "@nanostores/react";
import { memo, useMemo, useState } from "react";
import { SCHOOLS, schoolsOf, type School, type SchoolWay } from "@/core/changes";
import { changeWords, gainWords, SCHOOL_WAY_WORDS, SCHOOL_WORDS } from "@/formats/display/words/change-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { $worths } from "@/stores/answer/beside";
import { holdTo } from "@/stores/answer/held-to";
import { ChoiceField } from "../../fields/choice-field";
import { drawnFrom } from "../drawn-from";
import { Folded } from "../folded";
import { WorthRow } from "../answer/worth-row";

type Props = { readonly view: OutingView };

function Question({ view, school }: { readonly view: OutingView; readonly school: School }) {
  const worths = useStore($worths);
  const { question, own, others } = school;
  const [problem, setProblem] = useState<string | null>(null);
  const held = view.person.heldTo.schools[question];
  const heldWorth = worths?.find(({ change }) => change.id === `school ${question} ${held}`);
  const nameOf = (id: string): string => view.kit.find((piece) => piece.id === id)?.name ?? "a piece";
  return (
    <section aria-label={SCHOOL_WORDS[question]}>
      <h3 className="mt-2 text-sm font-semibold">{SCHOOL_WORDS[question]}</h3>
      <p className="text-muted text-sm">{own ? `You plan: ${SCHOOL_WAY_WORDS[own]}.` : "You plan another way."}</p>
      <ChoiceField<SchoolWay | "">
        label={`How ${view.person.name} does it`}
        value={held ?? ""}
        options={[
          ["", "now this, now that"],
          ...SCHOOLS[question].map((way: SchoolWay): [SchoolWay, string] => [way, SCHOOL_WAY_WORDS[way]]),
        ]}
        onChange={(way) => {
          const schools = { ...view.person.heldTo.schools, [question]: way === "" ? undefined : way };
          holdTo({ schools }).catch((error: Error) => setProblem(error.message));
        }}
      />
      {held && held !== own && heldWorth && (
        <p className="text-sm">
          Your own way, {SCHOOL_WAY_WORDS[held]}, would be <strong>{gainWords(heldWorth)}</strong> here.
        </p>
      )}
      {problem !== null && (
        <p role="alert" className="text-cranberry text-sm">
          {problem}
        </p>
      )}
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
  const schools = useMemo(
    () => schoolsOf(viewToOuting(view), kitOf(view)).filter(({ others }) => others.length > 0),
    // What the questions follow from; weather and place do not change them.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [phases, wearings, kit],
  );
  if (schools.length === 0) return <p className="text-muted text-sm">Nothing in this plan is done in several ways.</p>;
  return (
    <>
      <p className="text-muted text-sm">
        Practitioners disagree here. No way is right everywhere: this is what each costs or gains on this day, in this
        plan.
      </p>
      {schools.map((school) => (
        <Question key={school.question} view={view} school={school} />
      ))}
    </>
  );
}

const AllSchools = ({ view }: Props) => (
  <Folded title="How others would do it">
    <Questions view={view} />
  </Folded>
);

/** Where practitioners disagree, what each way is worth in this plan. */
export const Schools = memo(AllSchools, drawnFrom<Props>("person", "phases", "wearings", "kit"));
