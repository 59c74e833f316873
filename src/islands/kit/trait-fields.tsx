import { DEXTERITY, NOISE, STIFFNESS, WATER_RESISTANCE, type PieceKind, type PieceTraits } from "@/core/outing";
import { ChoiceField } from "../choice-field";

type Props = {
  readonly kind: PieceKind;
  readonly traits: PieceTraits;
  readonly onChange: (traits: PieceTraits) => void;
};

type Scale = "noise" | "waterResistance" | "stiffness" | "dexterity";
const UNKNOWN = "unknown";
const SCALES: readonly { readonly trait: Scale; readonly words: string; readonly steps: readonly string[] }[] = [
  { trait: "dexterity", words: "Fingers in it can", steps: DEXTERITY },
  { trait: "noise", words: "Noise", steps: NOISE },
  { trait: "waterResistance", words: "Water", steps: WATER_RESISTANCE },
  { trait: "stiffness", words: "In hard frost", steps: STIFFNESS },
];

type Flag = "isAnimalFree" | "isScentFree" | "itches" | "floats" | "opensOverBoots" | "isHarness" | "hasStrapSlot";
const FLAGS: readonly (readonly [Flag, string])[] = [
  ["isAnimalFree", "animal-free"],
  ["isScentFree", "kept free of scent"],
  ["itches", "itches"],
  ["floats", "floats"],
  ["opensOverBoots", "opens over boots"],
  ["isHarness", "is a harness"],
  ["hasStrapSlot", "has a slot for a harness strap"],
];

/** What no label prints: told by a sentence, or not known. */
export function TraitFields({ kind, traits, onChange }: Props) {
  return (
    <>
      <div className="flex flex-wrap gap-3">
        {SCALES.filter(({ trait }) => trait !== "dexterity" || kind === "handwear").map(({ trait, words, steps }) => (
          <ChoiceField
            key={trait}
            label={words}
            value={traits[trait] === undefined ? UNKNOWN : String(traits[trait])}
            options={[[UNKNOWN, "not known"], ...steps.map((step, place): [string, string] => [String(place), step])]}
            onChange={(step) => onChange({ ...traits, [trait]: step === UNKNOWN ? undefined : Number(step) })}
          />
        ))}
      </div>
      <fieldset className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
        <legend className="sr-only">It</legend>
        {FLAGS.map(([flag, words]) => (
          <label key={flag} className="flex min-h-6 items-center gap-1.5">
            <input
              type="checkbox"
              className="size-4"
              checked={traits[flag] ?? false}
              onChange={(event) => onChange({ ...traits, [flag]: event.target.checked ? true : undefined })}
            />
            {words}
          </label>
        ))}
      </fieldset>
    </>
  );
}
