import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useState } from "react";
import type { Preferences } from "@/formats/display/preferences";
import { contentOfPerson, type PersonContent, type PersonView } from "@/formats/wire/people/person-view";
import { addPerson, retirePerson, savePerson, $people } from "@/stores/people";
import { $preferences } from "@/stores/preferences";
import { guarded } from "../page/guarded";
import { KeptRow } from "../page/kept-row";
import { ListAndEditor, NEW } from "../page/list-and-editor";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { HoldsTo } from "./holds-to";
import { PersonForm } from "./person-form";
import { USUAL_PERSON } from "./usual-person";
import { WhatItDoes } from "./what-it-does";

type EditorProps = { readonly person: PersonView | null; readonly onAdded: (id: string) => void };

function PersonEditor({ person, onAdded }: EditorProps) {
  const preferences = useStore($preferences);
  const [draft, setDraft] = useState<PersonContent>(person ? contentOfPerson(person) : USUAL_PERSON);
  const content = { ...draft, name: draft.name.trim() };
  return (
    <div className="flex min-w-0 flex-col gap-6">
      <KeptRow
        title={person?.name ?? m.somebodyNewTitle}
        row={person}
        lacks={content.name === "" ? m.giveAName : null}
        keep={async () => (person ? savePerson(person, content) : onAdded(await addPerson(content)))}
        retire={async (retired) => person && retirePerson(person, retired)}
        keptWords={person ? m.keptTheirOutingsAreBeingJudged : m.kept}
        edits={draft}
      >
        <PersonForm person={draft} startWay={person ? "known" : "estimated"} onChange={setDraft} />
      </KeptRow>
      {person && <HoldsTo person={person} />}
      <WhatItDoes person={draft} preferences={preferences} />
    </div>
  );
}

type Props = { readonly initial: readonly PersonView[]; readonly preferences: Preferences };

/** Everybody who sits, their bodies, and what those mean in minutes. */
function PeoplePage({ initial, preferences }: Props) {
  useInitially(() => {
    $people.set(initial);
    $preferences.set(preferences);
  });
  return (
    <OnceAlive>
      <ListAndEditor
        title={m.people}
        rows={useStore($people)}
        newWords={m.somebodyNew3}
        editor={(person, choose) => <PersonEditor key={person?.id ?? NEW} person={person} onAdded={choose} />}
      />
    </OnceAlive>
  );
}

export default guarded(PeoplePage);
