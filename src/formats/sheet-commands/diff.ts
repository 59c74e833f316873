import { PREPARATION_FIELDS } from "@/core/evening";
import type { OutingContentView } from "../wire/outing/outing-view";
import { same } from "../same";
import type { SheetChange, SheetCollection } from "./sheet-command";

type Lists = Pick<OutingContentView, "weather" | "phases" | "wearings">;
export type ListName = keyof Lists;
export const LISTS: readonly ListName[] = ["weather", "phases", "wearings"];

/** What a thing of a list is known by. */
export const keyOf = (thing: { readonly at: string } | { readonly id: string }): string =>
  "id" in thing ? thing.id : thing.at;

/** Changes of a list's things, by key. */
function listChanges(collection: ListName, before: OutingContentView, after: OutingContentView): SheetChange[] {
  if (before[collection] === after[collection]) return [];
  const old = new Map(before[collection].map((thing) => [keyOf(thing), thing]));
  const fresh = new Map(after[collection].map((thing) => [keyOf(thing), thing]));
  const keys = new Set([...old.keys(), ...fresh.keys()]);
  return [...keys].flatMap((key): SheetChange[] => {
    const [was, is] = [old.get(key) ?? null, fresh.get(key) ?? null];
    return same(was, is) ? [] : [{ collection, key, before: was, after: is }];
  });
}

function changeOf(collection: SheetCollection, key: string, before: unknown, after: unknown): SheetChange[] {
  return same(before, after) ? [] : [{ collection, key, before, after }];
}

/** What lies between two states of a sheet; nothing when they hold the same. */
export function sheetChanges(before: OutingContentView, after: OutingContentView): SheetChange[] {
  const order = ({ phases }: OutingContentView): string[] => phases.map(keyOf);
  return [
    ...LISTS.flatMap((collection) => listChanges(collection, before, after)),
    ...changeOf("order", "phases", order(before), order(after)),
    ...changeOf("setting", "setting", before.setting, after.setting),
    ...changeOf("weatherShaped", "weatherShaped", before.weatherShaped, after.weatherShaped),
    ...PREPARATION_FIELDS.flatMap((field) =>
      changeOf("plan", field, before.plan[field] ?? null, after.plan[field] ?? null),
    ),
  ];
}
