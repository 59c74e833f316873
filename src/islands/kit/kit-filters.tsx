import * as m from "@/messages";
import { LANE_WORDS } from "@/formats/display/words/body-words";
import { LANES, type LaneName } from "@/core/pieces";
import { PIECE_KINDS, type PieceKind } from "@/core/pieces";
import { KIND_WORDS } from "@/formats/display/words/label-words";
import { ChoiceField } from "../fields/choice-field";
import { ALSO_SHOWN_KEYS, alsoWords, type AlsoShown } from "./also-shown";
import { keysOfTraits, KIT_TRAITS, type KitFilter, type KitTrait } from "./kit-filter";

type Props = {
  readonly filter: KitFilter;
  readonly onChange: (filter: KitFilter) => void;
  /** What else is told of each piece. */
  readonly also: AlsoShown | null;
  readonly onAlso: (also: AlsoShown | null) => void;
};

const ALL = "all";
const NOTHING = "nothing";

/** A box that is on or off. */
function Check({
  words,
  isOn,
  onChange,
}: {
  readonly words: string;
  readonly isOn: boolean;
  readonly onChange: (isOn: boolean) => void;
}) {
  return (
    <label className="flex min-h-6 items-center gap-1.5">
      <input type="checkbox" className="size-4" checked={isOn} onChange={(event) => onChange(event.target.checked)} />
      {words}
    </label>
  );
}

/** What of the kit is listed. */
export function KitFilters({ filter, onChange, also, onAlso }: Props) {
  const set = (change: Partial<KitFilter>): void => onChange({ ...filter, ...change });
  const toggle = (trait: KitTrait, isOn: boolean): void =>
    set({ traits: isOn ? [...filter.traits, trait] : filter.traits.filter((own) => own !== trait) });
  const on = filter.traits.length + Number(filter.withRetired) + Number(filter.withDeleted);
  return (
    <search className="no-print flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col gap-1">
          <span className="text-muted text-sm">{m.searchNamesAndNotes}</span>
          <input
            type="search"
            className="field w-64"
            value={filter.text}
            maxLength={120}
            onChange={(event) => set({ text: event.target.value })}
          />
        </label>
        <ChoiceField<LaneName | typeof ALL>
          label={m.zone}
          value={filter.lane ?? ALL}
          options={[[ALL, m.allZones], ...LANES.map((lane): [LaneName, string] => [lane, LANE_WORDS[lane]])]}
          onChange={(lane) => set({ lane: lane === ALL ? null : lane })}
        />
        <ChoiceField<PieceKind | typeof ALL>
          label={m.kind}
          value={filter.kind ?? ALL}
          options={[[ALL, m.allKinds], ...PIECE_KINDS.map((kind): [PieceKind, string] => [kind, KIND_WORDS[kind]])]}
          onChange={(kind) => set({ kind: kind === ALL ? null : kind })}
        />
        <ChoiceField<AlsoShown | typeof NOTHING>
          label={m.alsoTell}
          value={also ?? NOTHING}
          options={[
            [NOTHING, m.nothingMore],
            ...ALSO_SHOWN_KEYS.map((key): [AlsoShown, string] => [key, alsoWords(key)]),
          ]}
          onChange={(key) => onAlso(key === NOTHING ? null : key)}
        />
      </div>
      <details className="text-sm">
        <summary className="min-h-6 w-fit cursor-pointer">
          {m.onlyWhatIs}
          {on > 0 && (
            <span className="font-semibold">
              {" "}
              {on} {m.chosen}
            </span>
          )}
        </summary>
        <fieldset className="flex flex-wrap gap-x-4 gap-y-1 pt-2">
          <legend className="sr-only">{m.onlyWhatIsTitle}</legend>
          {keysOfTraits.map((trait) => (
            <Check
              key={trait}
              words={KIT_TRAITS[trait].words}
              isOn={filter.traits.includes(trait)}
              onChange={(isOn) => toggle(trait, isOn)}
            />
          ))}
          <span aria-hidden="true" className="border-line border-l" />
          <Check words={m.alsoRetired} isOn={filter.withRetired} onChange={(withRetired) => set({ withRetired })} />
          <Check words={m.alsoDeleted} isOn={filter.withDeleted} onChange={(withDeleted) => set({ withDeleted })} />
        </fieldset>
      </details>
    </search>
  );
}
