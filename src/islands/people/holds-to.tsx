import * as m from "@/messages";
import { useState } from "react";
import { AVOIDABLE, PRACTICES, type PracticeQuestion } from "@/core/changes";
import { AVOIDED_WORDS, PRACTICE_QUESTION_WORDS, PRACTICE_WORDS } from "@/formats/display/words/change-words";
import type { PersonView } from "@/formats/wire/people/person-view";
import { holdPersonTo } from "@/stores/people";
import { CheckField } from "../fields/check-field";
import { ChoiceField } from "../fields/choice-field";
import { Problem } from "../fields/problem";

const QUESTIONS = Object.keys(PRACTICES) as PracticeQuestion[];
/** A choice for every question; "" for who does now this, now that. */
const optionsFor = (question: PracticeQuestion): [string, string][] => [
  ["", m.nowThisNowThat],
  ...PRACTICES[question].map((practice): [string, string] => [practice, PRACTICE_WORDS[practice]]),
];

/** What a person avoids and holds to; kept at once, and heeded in every plan of theirs. */
export function HoldsTo({ person }: { readonly person: PersonView }) {
  const { avoids, practices, heatDebtEnds = false } = person.practicePreferences;
  const [problem, setProblem] = useState<string | null>(null);
  const hold = (change: Partial<PersonView["practicePreferences"]>): void => {
    setProblem(null);
    holdPersonTo(person, change).catch((error: Error) => setProblem(error.message));
  };
  return (
    <section aria-labelledby="holds-to" className="flex flex-col gap-3">
      <h3 id="holds-to" className="text-lg font-semibold">
        {m.avoidsAndHoldsTo}
      </h3>
      <p className="text-muted text-sm">{m.practitionersDifferHereAndNoWay}</p>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        {AVOIDABLE.map((avoided) => (
          <CheckField
            key={avoided}
            label={m.avoids({ avoided: AVOIDED_WORDS[avoided] })}
            checked={avoids.includes(avoided)}
            onChange={(isOn) =>
              hold({ avoids: AVOIDABLE.filter((own) => (own === avoided ? isOn : avoids.includes(own))) })
            }
          />
        ))}
        <CheckField
          label={m.goesByTheStandardHeatDebt}
          checked={heatDebtEnds}
          onChange={(isOn) => hold({ heatDebtEnds: isOn })}
        />
      </div>
      <div className="flex flex-wrap gap-4">
        {QUESTIONS.map((question) => (
          <ChoiceField
            key={question}
            label={PRACTICE_QUESTION_WORDS[question]}
            value={practices[question] ?? ""}
            options={optionsFor(question)}
            onChange={(chosen) => hold({ practices: { ...practices, [question]: chosen === "" ? undefined : chosen } })}
          />
        ))}
      </div>
      <Problem words={problem} />
    </section>
  );
}
