import type { OutingView } from "@/formats/wire/outing/outing-view";

type Props = { readonly view: OutingView };

/**
 * For `memo`: whether a part of the sheet would be drawn the same, because nothing it draws from has changed.
 * Edits leave what they do not touch the same object, so that identity tells.
 * @param parts what of the view it draws from; of all other properties it draws from each
 */
export const drawnFrom =
  <Own extends Props>(...parts: readonly (keyof OutingView)[]) =>
  (before: Own, now: Own): boolean =>
    parts.every((part) => before.view[part] === now.view[part]) &&
    (Object.keys(now) as (keyof Own)[]).every((name) => name === "view" || before[name] === now[name]);
