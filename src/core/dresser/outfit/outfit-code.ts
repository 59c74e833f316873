/**
 * What an outfit says of a piece: it stays at home; it is worn from the start; it is carried and put on at the seat; it
 * is worn on the way and taken off at the seat.
 */
export const PLACEMENT = { home: 0, start: 1, seat: 2, way: 3 } as const;
export type Placement = (typeof PLACEMENT)[keyof typeof PLACEMENT];

/**
 * An outfit of a kit: a placement a piece, in the order of the kit, then two switches, 0 or 1: closures open and hoods down
 * on the way, and what is put on at the seat put on only once one has settled.
 */
export type OutfitCode = Uint8Array;

export const SWITCHES = 2;
export const isOpenOnWay = (code: OutfitCode): boolean => code[code.length - SWITCHES] === 1;
export const isSettledFirst = (code: OutfitCode): boolean => code[code.length - 1] === 1;

const BITS = 2;
const PER_CHARACTER = 7;

/** The same text for the same outfit: asked for every outfit thought of, so several placements share a character. */
export function keyOf(code: OutfitCode): string {
  let key = "";
  for (let from = 0; from < code.length; from += PER_CHARACTER) {
    let character = 0;
    for (let index = from; index < from + PER_CHARACTER && index < code.length; index++)
      character = (character << BITS) | code[index]!;
    key += String.fromCharCode(character);
  }
  return key;
}

/** The outfit with another answer in one place. */
export function withPlacement(
  code: OutfitCode,
  ...changes: readonly (readonly [index: number, to: number])[]
): OutfitCode {
  const changed = code.slice();
  for (const [index, to] of changes) changed[index] = to;
  return changed;
}

/** How many placements two outfits differ in; counted no further than is asked. */
export function placementsApart(one: OutfitCode, other: OutfitCode, upTo: number): number {
  let apart = 0;
  for (let index = 0; index < one.length && apart <= upTo; index++) if (one[index] !== other[index]) apart++;
  return apart;
}
