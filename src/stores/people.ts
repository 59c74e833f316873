import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import type { PersonEffects } from "@/core/morning";
import { contentOfPerson, type PersonContent, type PersonView } from "@/formats/wire/people/person-view";
import { workerFor } from "@/workers/simulate-client";
import { ask } from "./ask";

/** Everybody, as the page lists them. */
export const $people = atom<readonly PersonView[]>([]);

const put = (id: string, change: Partial<PersonView>): void =>
  $people.set($people.get().map((person) => (person.id === id ? { ...person, ...change } : person)));

/** Adds somebody. @returns their id @throws {Error} with a message to show */
export async function addPerson(content: PersonContent): Promise<string> {
  const id = uuid();
  await ask("/api/people", "POST", { id, ...content });
  const added = {
    id,
    version: 1,
    ...content,
    practicePreferences: { avoids: [], practices: {} },
    retired: false,
    outings: 0,
  };
  $people.set([...$people.get(), added]);
  return id;
}

async function save(
  person: PersonView,
  change: Partial<PersonContent> & { readonly retired?: boolean },
): Promise<void> {
  const { id, version, retired } = person;
  const content = { ...contentOfPerson(person), retired, ...change };
  const saved = await ask<{ version: number }>(`/api/people/${id}`, "PUT", { version, ...content });
  put(id, { ...content, ...saved });
}

/** Keeps a person as edited; outings they sit in are judged again. @throws {Error} with a message to show */
export const savePerson = (person: PersonView, content: PersonContent): Promise<void> => save(person, content);

/** No longer offers a person, or offers them again. @throws {Error} with a message to show */
export const retirePerson = (person: PersonView, retired: boolean): Promise<void> => save(person, { retired });

/** What a person's body, ways and levels do to a standard morning; `null` where it cannot be computed. */
export const effectsOf = ({
  name: _name,
  wearsGlasses: _glasses,
  accepted,
  workingHand,
  coldHands,
  feels,
  ...body
}: PersonContent): Promise<PersonEffects | null> =>
  workerFor("derived").personEffects({ body, accepted, workingHand, coldHands, feels });

/** Keeps what a person avoids and holds to. Shown at once, taken back where it is not kept. @throws {Error} with a message to show */
export async function holdPersonTo(
  person: PersonView,
  change: Partial<PersonView["practicePreferences"]>,
): Promise<void> {
  const from = person.practicePreferences;
  const to = { ...from, ...change };
  put(person.id, { practicePreferences: to });
  try {
    const practicePreferences = await ask<PersonView["practicePreferences"]>(
      `/api/people/${person.id}/practice-preferences`,
      "PUT",
      { from, to },
    );
    put(person.id, { practicePreferences });
  } catch (error) {
    put(person.id, { practicePreferences: from });
    throw error;
  }
}
