import * as m from "@/messages";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { makeOuting } from "@/stores/new-outing";
import { ChoiceField } from "../fields/choice-field";
import { PersonForm } from "../people/person-form";
import { USUAL_PERSON } from "../people/usual-person";

const SOMEBODY_NEW = "new";

/** Somebody who goes along, known or new. */
export function AddSitter({
  view,
  others,
}: {
  readonly view: OutingView;
  readonly others: readonly { readonly id: string; readonly name: string }[];
}) {
  const [who, setWho] = useState(others[0]?.id ?? SOMEBODY_NEW);
  const [person, setPerson] = useState(USUAL_PERSON);
  const [problem, setProblem] = useState<string | null>(null);
  const isNew = who === SOMEBODY_NEW;
  const add = async (): Promise<void> => {
    setProblem(null);
    const wanted = isNew
      ? ({ kind: "new", id: uuid(), ...person, name: person.name.trim() } as const)
      : ({ kind: "known", id: who } as const);
    try {
      await makeOuting({ from: "party", id: uuid(), besides: view.id, person: wanted });
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <div className="flex flex-col gap-2 pt-2">
      <ChoiceField
        label={m.whoGoesAlong}
        value={who}
        options={[...others.map(({ id, name }) => [id, name] as const), [SOMEBODY_NEW, m.somebodyNew] as const]}
        onChange={setWho}
      />
      {isNew && <PersonForm person={person} startWay="estimated" isShort onChange={setPerson} />}
      {problem && (
        <p role="alert" className="text-cranberry">
          {problem}
        </p>
      )}
      <button
        type="button"
        className="press self-start"
        disabled={isNew && person.name.trim() === ""}
        onClick={() => void add()}
      >
        {m.addAndOpenTheirSheet}
      </button>
    </div>
  );
}
