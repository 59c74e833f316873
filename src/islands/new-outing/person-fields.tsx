import { PERSON_RANGE } from "@/core/body";
import { ChoiceField, optionsOf } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";
import { TextField } from "../fields/text-field";

const SEX_WORDS = { female: "female", male: "male" } as const;

/** Somebody who is not known yet; figures of an ordinary adult to start from. */
export const USUAL_PERSON = {
  name: "",
  heightM: 1.75,
  massKg: 75,
  fatPercent: 23,
  ageYears: 40,
  sex: "female" as const,
};
export type NewPerson = Omit<typeof USUAL_PERSON, "sex"> & { readonly sex: "female" | "male" };
const CM_PER_M = 100;

type PersonFieldsProps = { readonly person: NewPerson; readonly onChange: (person: NewPerson) => void };

/** Who sits: what the body's model asks for. */
export function PersonFields({ person, onChange }: PersonFieldsProps) {
  const set = (part: Partial<NewPerson>): void => onChange({ ...person, ...part });
  return (
    <div className="flex flex-wrap items-end gap-4">
      <TextField label="Name" value={person.name} onChange={(name) => set({ name })} />
      <NumberField
        label="Height"
        unit="cm"
        value={person.heightM * CM_PER_M}
        low={PERSON_RANGE.heightM[0] * CM_PER_M}
        high={PERSON_RANGE.heightM[1] * CM_PER_M}
        step={1}
        decimals={0}
        onChange={(cm) => set({ heightM: cm / CM_PER_M })}
      />
      <NumberField
        label="Mass"
        unit="kg"
        value={person.massKg}
        low={PERSON_RANGE.massKg[0]}
        high={PERSON_RANGE.massKg[1]}
        step={1}
        decimals={0}
        onChange={(massKg) => set({ massKg })}
      />
      <NumberField
        label="Age"
        unit="years"
        value={person.ageYears}
        low={PERSON_RANGE.ageYears[0]}
        high={PERSON_RANGE.ageYears[1]}
        step={1}
        decimals={0}
        onChange={(age) => set({ ageYears: Math.round(age) })}
      />
      <NumberField
        label="Fat share of the body"
        unit="%"
        value={person.fatPercent}
        low={PERSON_RANGE.fatPercent[0]}
        high={PERSON_RANGE.fatPercent[1]}
        step={1}
        decimals={0}
        onChange={(fatPercent) => set({ fatPercent })}
      />
      <ChoiceField label="Sex" value={person.sex} options={optionsOf(SEX_WORDS)} onChange={(sex) => set({ sex })} />
    </div>
  );
}
