import * as m from "@/messages";
import { STANDARD_DRESS } from "@/formats/wire/kit/standard-dress";
import { benchLink } from "@/formats/wire/bench-link";
import { $setting } from "@/stores/bench/bench";
import { tell } from "@/stores/told";
import { ChoiceField } from "../fields/choice-field";

type Props = {
  /** The outing whose clothes and person are compared in, or the standard dress. */
  readonly chosen: string;
  readonly outings: readonly { readonly id: string; readonly name: string }[];
  readonly columnsNow: () => readonly unknown[];
};

/** In which clothes is compared, chosen in sight; and a link to what is compared. */
export function ComparedIn({ chosen, outings, columnsNow }: Props) {
  const hash = (): string => {
    const setting = $setting.get();
    return setting ? benchLink(setting, columnsNow()) : "";
  };
  const copy = async (): Promise<void> => {
    const link = `${window.location.origin}${window.location.pathname}?outing=${chosen}${hash()}`;
    try {
      await navigator.clipboard.writeText(link);
      tell(m.theLinkToWhatIsCompared);
    } catch {
      tell(m.theBrowserDoesNotLetThe);
    }
  };
  return (
    <div className="no-print flex flex-wrap items-end gap-4">
      <ChoiceField
        label={m.dressedAndSeatedAs}
        value={chosen}
        options={[
          ...outings.map(({ id, name }): [string, string] => [id, m.forWords2({ name })]),
          [STANDARD_DRESS, m.inAStandardDressTheGeneric],
        ]}
        onChange={(id) => window.location.assign(`${window.location.pathname}?outing=${id}`)}
      />
      <button type="button" className="press" onClick={() => void copy()}>
        {m.copyALinkToThis}
      </button>
    </div>
  );
}
