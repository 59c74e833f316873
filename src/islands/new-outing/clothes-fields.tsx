import * as m from "@/messages";
import { STARTER_KITS, type StarterKitKey } from "@/core/starter-kit";
import { keysOf } from "@/formats/within";
import type { NewOutingBody } from "@/formats/wire/outing/new-outing";
import type { PersonToStartWith } from "@/formats/wire/outing/starting-points";
import { Chips } from "../fields/chips";

type Dress = NonNullable<Extract<NewOutingBody, { from: "place" }>["dress"]>;

/** A way to dress as a word: kinds that need an id or a key carry it behind a colon. */
export type DressWord =
  `outing:${string}` | "dressMe" | "byCold" | "nothing" | `outfit:${string}` | `generic:${StarterKitKey}`;

const KITS = keysOf(STARTER_KITS);

/** Who has worn a kit is dressed from it; who has none gets a generic one first. */
export const usualDress = (person: PersonToStartWith | null): DressWord => (person?.last ? "dressMe" : "byCold");

export function dressBody(word: DressWord): Dress {
  if (word === "nothing" || word === "dressMe") return { kind: "nothing" };
  if (word === "byCold") return { kind: "generic", kit: "byCold" };
  const [kind, rest = ""] = word.split(":");
  return kind === "outfit" || kind === "outing" ? { kind, id: rest } : { kind: "generic", kit: rest as StarterKitKey };
}

type Props = {
  readonly person: PersonToStartWith | null;
  readonly dress: DressWord;
  readonly onChange: (dress: DressWord) => void;
};

/** What is put on at once; every piece goes on where it belongs, big layers at the seat. */
export function ClothesFields({ person, dress, onChange }: Props) {
  const options: (readonly [DressWord, string])[] = [
    ...(person?.last ? [["dressMe", m.dressMeFromKit] as const] : []),
    ...(person?.last ? [[`outing:${person.last.id}`, m.asIn2({ name: person.last.name })] as const] : []),
    ...(person?.outfits ?? []).map(({ id, name }) => [`outfit:${id}`, `“${name}”`] as const),
    ["byCold", m.genericClothesChosenByTheCold2],
    ...KITS.map((key): readonly [DressWord, string] => [
      `generic:${key}`,
      m.generic2({ words: STARTER_KITS[key].words }),
    ]),
    ["nothing", m.nothingYet],
  ];
  const kit = dress.startsWith("generic:") ? STARTER_KITS[dress.slice("generic:".length) as StarterKitKey] : null;
  return (
    <div className="flex flex-col gap-2">
      <Chips label={m.dressed} isLabelHidden value={dress} options={options} onChange={onChange} />
      <p className="text-muted text-sm">
        {dress === "byCold" && m.theLightestWholeKitOfInvented}
        {kit && m.itsPiecesJoinTheKitChange({ says: kit.says })}
        {dress === "dressMe"
          ? m.dresserSays
          : dress === "nothing"
            ? m.theSheetOpensUndressedPutSomething
            : m.bigLayersGoOnAtThe}
      </p>
    </div>
  );
}
