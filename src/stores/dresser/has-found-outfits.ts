import { atom } from "nanostores";

/** Under what a tab keeps the outfits found for an outing. */
export const foundKey = (outingId: string): string => `umiak-found-${outingId}`;

/** Whether something was found for the outing on screen in this tab; apart from the rest, as every sheet asks it. */
export const $hasFound = atom(false);

export function lookForFound(outingId: string): void {
  try {
    $hasFound.set(sessionStorage.getItem(foundKey(outingId)) !== null);
  } catch {
    $hasFound.set(false);
  }
}
