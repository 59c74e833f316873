import { PERSON_RANGE } from "../body";
import { LEVELS, levelEverywhere, minutesStillOf, type Level } from "../limits";
import { clamp } from "../numeric";
import { FEELS, ORDINARY_ADULT, type Feels, type OutingPerson } from "../outing";
import { simulateSitMinutes } from "../simulation";
import { standardKitOf, standardMorning } from "./standard-morning";

/** How far fat is moved to show what it does, points. */
export const FAT_STEP_PERCENT = 5;

/** What of a person is changed to show what it does. */
export type PersonChange =
  | { readonly kind: "body" }
  | { readonly kind: "fat"; readonly percent: number }
  | { readonly kind: "feels"; readonly feels: Feels }
  | { readonly kind: "coldHands"; readonly has: boolean }
  | { readonly kind: "level"; readonly level: Level };

/** Minutes of the standard morning; `null` longer than is looked at. */
export type PersonEffect = { readonly change: PersonChange; readonly minutes: number | null };
export type PersonEffects = { readonly minutes: number | null; readonly effects: readonly PersonEffect[] };

function changesFor({ body, feels = "usual", coldHands = false }: OutingPerson): PersonChange[] {
  const fats = [-FAT_STEP_PERCENT, FAT_STEP_PERCENT].map((step) =>
    clamp(body.fatPercent + step, ...PERSON_RANGE.fatPercent),
  );
  return [
    { kind: "body" },
    ...fats.filter((percent) => percent !== body.fatPercent).map((percent) => ({ kind: "fat", percent }) as const),
    ...FEELS.filter((word) => word !== feels).map((word) => ({ kind: "feels", feels: word }) as const),
    { kind: "coldHands", has: !coldHands },
    ...LEVELS.map((level) => ({ kind: "level", level }) as const),
  ];
}

function changed(person: OutingPerson, change: PersonChange): OutingPerson {
  switch (change.kind) {
    case "body":
      return { ...person, body: { ...ORDINARY_ADULT, sex: person.body.sex } };
    case "fat":
      return { ...person, body: { ...person.body, fatPercent: change.percent } };
    case "feels":
      return { ...person, feels: change.feels };
    case "coldHands":
      return { ...person, coldHands: change.has };
    case "level":
      return { ...person, accepted: levelEverywhere(change.level) };
  }
}

/**
 * What a person's body, ways and levels do to the minutes of a standard morning: each changed alone, in the same clothes.
 * @throws {CoreError} `out-of-range` for a body outside PERSON_RANGE
 */
export function personEffects(person: OutingPerson): PersonEffects {
  const kit = standardKitOf(person);
  const minutesOf = (who: OutingPerson): number | null =>
    minutesStillOf(simulateSitMinutes(standardMorning(who, kit)).sits[0]!);
  return {
    minutes: minutesOf(person),
    effects: changesFor(person).map((change) => ({ change, minutes: minutesOf(changed(person, change)) })),
  };
}
