import * as m from "@/messages";
import { FIELD_GLOSSARY, type FieldGlossaryKey } from "@/formats/display/words/field-glossary";
import { Explained } from "../../page/explained";

/** A small mark beside a field that says what it means. */
export const FieldNote = ({ of }: { readonly of: FieldGlossaryKey }) => (
  <Explained
    entry={FIELD_GLOSSARY[of]}
    label={m.whatMeans({ term: FIELD_GLOSSARY[of].term })}
    className="text-muted border-line size-5 cursor-help rounded-full border text-xs leading-none"
  >
    ?
  </Explained>
);
