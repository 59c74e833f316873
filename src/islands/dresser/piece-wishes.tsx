import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $wishes } from "@/stores/dresser/dresser";
import { ChoiceField } from "../fields/choice-field";

/** Which wish a piece may be named in. */
const LISTS = [
  ["heldIn", m.heldInWish],
  ["leftOut", m.leftOutWish],
] as const;

/** Pieces that go in any case, and pieces that stay at home. */
export function PieceWishes({ view }: { readonly view: OutingView }) {
  const wishes = useStore($wishes);
  const nameOf = (id: string): string => view.kit.find((piece) => piece.id === id)?.name ?? "";
  return LISTS.map(([list, words]) => (
    <div key={list} className="flex flex-col gap-2">
      <ChoiceField
        label={words}
        value=""
        options={[
          ["", m.choosePieceWish],
          ...view.kit
            .filter(({ id }) => !wishes.heldIn.includes(id) && !wishes.leftOut.includes(id))
            .map(({ id, name }): [string, string] => [id, name]),
        ]}
        onChange={(id) => id && $wishes.set({ ...wishes, [list]: [...wishes[list], id] })}
      />
      {wishes[list].length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {wishes[list].map((id) => (
            <li key={id}>
              <button
                type="button"
                className="press press-small"
                aria-label={m.noMoreOf({ name: nameOf(id) })}
                onClick={() => $wishes.set({ ...wishes, [list]: wishes[list].filter((own) => own !== id) })}
              >
                {nameOf(id)} ×
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  ));
}
