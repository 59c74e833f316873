import * as m from "@/messages";
import { useState } from "react";
import { PERSON_RANGE, fatPercentFromMassIndex } from "@/core/body";
import { LEVELS, levelEverywhere, type Level } from "@/core/limits";
import { FEELS, isExtrapolated, usualLevels } from "@/core/outing";
import { SIDES } from "@/core/patches";
import {
  ACCEPTED_ONE_BY_ONE,
  ACCEPTED_WORDS,
  FEELS_WORDS,
  HAND_WORDS,
  levelOf,
  SEX_WORDS,
} from "@/formats/display/words/person-words";
import type { PersonContent } from "@/formats/wire/people/person-view";
import { BodyHeightField } from "../fields/body-height-field";
import { CheckField } from "../fields/check-field";
import { ChoiceField, optionsOf } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";
import { QuantityField } from "../fields/quantity-field";
import { TextField } from "../fields/text-field";
import { FatShareField, type FatWay } from "./fat-share-field";

type Props = {
  readonly person: PersonContent;
  readonly onChange: (person: PersonContent) => void;
  /** How the share of fat was come to. */
  readonly startWay?: FatWay;
  /** Only what a first figure needs; the rest is usual and can be told later. */
  readonly isShort?: boolean;
};

const ONE_BY_ONE = "oneByOne";
/** Mass over height squared outside which a unit was probably mistaken, kg/m² (assumption). */
const MASS_INDEX_RANGE = [12.5, 55] as const;

/** Who sits: the body in own units, and how they feel the cold. */
export function PersonForm({ person, onChange, startWay = "known", isShort = false }: Props) {
  const [way, setWay] = useState<FatWay>(startWay);
  const isChild = isExtrapolated(person);
  const massIndex = person.massKg / person.heightM ** 2;
  const set = (part: Partial<PersonContent>): void => onChange({ ...person, ...part });
  /** What is estimated from the body follows it; so do levels nobody has chosen. */
  const setBody = (part: Partial<PersonContent>): void => {
    const next = { ...person, ...part };
    const accepted = levelOf(person.accepted) === levelOf(usualLevels(person)) ? usualLevels(next) : person.accepted;
    const fatPercent = way === "estimated" ? Math.round(fatPercentFromMassIndex(next)) : next.fatPercent;
    onChange({ ...next, accepted, fatPercent });
  };
  const level: Level | typeof ONE_BY_ONE = levelOf(person.accepted) ?? ONE_BY_ONE;
  const levels = LEVELS.map((own): [Level, string] => [own, ACCEPTED_WORDS[own]]);
  return (
    <div className="flex flex-col items-start gap-4">
      <div className="flex flex-wrap items-end gap-4">
        <TextField label={m.name} value={person.name} onChange={(name) => set({ name })} />
        <BodyHeightField value={person.heightM} onChange={(heightM) => setBody({ heightM })} />
        <QuantityField
          label={m.weight}
          quantity="mass"
          value={person.massKg}
          range={PERSON_RANGE.massKg}
          onChange={(massKg) => setBody({ massKg })}
        />
        <NumberField
          label={m.age}
          unit={m.years}
          value={person.ageYears}
          low={PERSON_RANGE.ageYears[0]}
          high={PERSON_RANGE.ageYears[1]}
          step={1}
          decimals={0}
          onChange={(age) => setBody({ ageYears: Math.round(age) })}
        />
        <ChoiceField
          label={m.sex}
          value={person.sex}
          options={optionsOf(SEX_WORDS)}
          onChange={(sex) => setBody({ sex })}
        />
      </div>
      {(massIndex < MASS_INDEX_RANGE[0] || massIndex > MASS_INDEX_RANGE[1]) && (
        <p role="note" className="border-rust border-l-4 pl-3">
          {m.thatWeightAtThatHeightWould}
        </p>
      )}
      {isChild && (
        <p role="note" className="border-lichen border-l-4 pl-3">
          {m.aChildTheBodyBehindThe}
        </p>
      )}
      <ChoiceField
        label={isChild ? m.theChildFeelsTheCold : m.youFeelTheCold}
        value={person.feels}
        options={FEELS.map((feels) => [feels, FEELS_WORDS[feels]] as const)}
        onChange={(feels) => set({ feels })}
      />
      {!isShort && (
        <>
          <FatShareField
            person={person}
            way={way}
            onWay={setWay}
            onChange={(fatPercent) => onChange({ ...person, fatPercent })}
          />
          <ChoiceField
            label={m.howColdItMayGet}
            value={level}
            options={level === ONE_BY_ONE ? [...levels, [ONE_BY_ONE, ACCEPTED_ONE_BY_ONE] as const] : levels}
            onChange={(next) => next !== ONE_BY_ONE && set({ accepted: levelEverywhere(next) })}
          />
          <ChoiceField
            label={m.handThatDrawsFocusesTies}
            value={person.workingHand}
            options={SIDES.map((side) => [side, HAND_WORDS[side]] as const)}
            onChange={(workingHand) => set({ workingHand })}
          />
          <CheckField
            label={m.handsOrFeetAreOftenCold}
            checked={person.coldHands}
            onChange={(coldHands) => set({ coldHands })}
          />
          {person.coldHands && <p className="text-muted text-sm">{m.whiteOrNumbFingersThatCome}</p>}
          <CheckField
            label={m.wearsGlasses}
            checked={person.wearsGlasses}
            onChange={(wearsGlasses) => set({ wearsGlasses })}
          />
          <CheckField label={m.usesNotes} checked={person.usesNotes} onChange={(usesNotes) => set({ usesNotes })} />
        </>
      )}
    </div>
  );
}
