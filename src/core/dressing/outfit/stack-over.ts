import type { Stack } from "../../clothing";
import { DIGITS, type Digit } from "../../digits";
import { isDigitPatch, SITES } from "../../patches";
import type { Outfit } from "../../sitter";

/** Finger or toe digit at each site; −1 elsewhere. */
export const DIGIT_AT_SITE: readonly number[] = SITES.map(({ patch, side }) =>
  isDigitPatch(patch) ? DIGITS.indexOf(`${side!}${patch === "toes" ? "Toes" : "Fingers"}` as Digit) : -1,
);

/** Stacks by site, in the order of SITES; `null` where nothing stands. */
export type SiteStacks = readonly (Stack | null)[];

/**
 * The stack over each site in which all its layers are: where some cover but a part of it, regions have fewer. Fingers and
 * toes by their digit, whose form is its own in a mitt.
 */
export function siteStacks({ siteParts, digitParts, stacks }: Outfit): SiteStacks {
  const found: (Stack | null)[] = SITES.map(() => null);
  const note = (site: number, stack: Stack): void => {
    if (stack.shellsM2KPerW.length > (found[site]?.shellsM2KPerW.length ?? -1)) found[site] = stack;
  };
  for (let part = 0; part < siteParts.place.length; part++) {
    const site = siteParts.place[part]!;
    if (DIGIT_AT_SITE[site]! < 0) note(site, stacks[siteParts.stack[part]!]!);
  }
  for (let part = 0; part < digitParts.place.length; part++) {
    const site = SITE_OF_DIGIT[digitParts.place[part]!]!;
    if (site >= 0) note(site, stacks[digitParts.stack[part]!]!);
  }
  return found;
}

/** Site of each finger and toe digit; −1 for those of the face. */
export const SITE_OF_DIGIT: readonly number[] = DIGITS.map((_, digit) => DIGIT_AT_SITE.indexOf(digit));
