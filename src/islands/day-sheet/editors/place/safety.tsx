import * as m from "@/messages";
import { FieldNote } from "../field-note";
import { COVERAGE_WORDS, REFUGE_WORDS, STORED_FROM_WORDS } from "@/formats/display/words/place-words";
import { ChoiceField, optionsOf } from "../../../fields/choice-field";
import { NumberField } from "../../../fields/number-field";
import { OUTING_RANGE, type PlaceSetting } from "@/core/outing";
import { editSetting } from "@/stores/sheet/edits";

type Fields = { readonly setting: PlaceSetting };

/** Where and when it is warm, and whether help can be called. */
export function Safety({ setting }: Fields) {
  const refuge = setting.refuge ?? { kind: "none" as const, minutesAway: 0 };
  return (
    <>
      <ChoiceField
        label={m.warmthNearByTitle}
        note={<FieldNote of="refuge" />}
        value={refuge.kind}
        options={optionsOf(REFUGE_WORDS)}
        onChange={(kind) => editSetting(m.refuge, { refuge: { ...refuge, kind } })}
      />
      {refuge.kind !== "none" && (
        <NumberField
          label={m.minutesAwayOnFoot}
          unit={m.min2}
          value={refuge.minutesAway}
          low={OUTING_RANGE.refugeMinutes[0]}
          high={OUTING_RANGE.refugeMinutes[1]}
          step={5}
          decimals={0}
          onChange={(minutes) => editSetting(m.refuge, { refuge: { ...refuge, minutesAway: Math.round(minutes) } })}
        />
      )}
      <ChoiceField
        label={m.bootsAndGlovesComeFromTitle}
        note={<FieldNote of="bootsFrom" />}
        value={setting.storedFrom ?? "house"}
        options={optionsOf(STORED_FROM_WORDS)}
        onChange={(storedFrom) => editSetting(m.whereBootsStood, { storedFrom })}
      />
      <ChoiceField
        label={m.telephoneCoverage}
        value={setting.coverage ?? "unknown"}
        options={optionsOf(COVERAGE_WORDS)}
        onChange={(coverage) => editSetting(m.coverage, { coverage })}
      />
    </>
  );
}
