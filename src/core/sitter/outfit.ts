import { buildStack, type Layer, type Stack } from "../clothing";
import { DIGIT_PLACE, DIGITS, surfaceShape, type Digit, type SurfaceShape } from "../digits";
import { FINGERS_IN_MITT_FORM, SITE_INDEX, SITES, type Side } from "../patches";

/** Layers on every site of the body, from the skin out; by the order of SITES. */
export type SiteLayers = readonly (readonly Layer[])[];

/** An outfit worked out once for as long as nothing is put on or taken off. */
export type Outfit = {
  readonly layers: SiteLayers;
  readonly stacks: readonly Stack[];
  /** Stack and outer shape of each digit, by the order of DIGITS. */
  readonly digitStacks: readonly Stack[];
  readonly digitShapes: readonly SurfaceShape[];
  readonly mitt: Readonly<Record<Side, boolean>>;
};

const FINGER_SIDE: Partial<Record<Digit, Side>> = { leftFingers: "left", rightFingers: "right" };

/** Site whose layers cover a digit. */
const SITE_OF_DIGIT: Readonly<Record<Digit, string>> = {
  leftFingers: "fingers.left",
  rightFingers: "fingers.right",
  leftToes: "toes.left",
  rightToes: "toes.right",
  nose: "face",
  cheeks: "face",
  ears: "ears",
};

/** The same as places in the order of SITES, by the order of DIGITS. */
export const DIGIT_SITE: readonly number[] = DIGITS.map((digit) => SITE_INDEX[SITE_OF_DIGIT[digit]]!);

const sameLayers = (one: readonly Layer[], other: readonly Layer[]): boolean =>
  one.length === other.length && one.every((layer, place) => layer === other[place]);

/**
 * Works out every stack of an outfit.
 * @param mitt whether the fingers of a side lie together in a mitt
 * @param before an outfit worn before, whose unchanged stacks are taken over
 */
export function buildOutfit(layers: SiteLayers, mitt: Readonly<Record<Side, boolean>>, before?: Outfit): Outfit {
  const stacks = SITES.map((site, index) =>
    before && sameLayers(before.layers[index]!, layers[index]!)
      ? before.stacks[index]!
      : buildStack(layers[index]!, site.form),
  );
  const inMitt = (digit: Digit): boolean => {
    const side = FINGER_SIDE[digit];
    return side !== undefined && mitt[side];
  };
  const digitStacks = DIGITS.map((digit, index) => {
    const site = DIGIT_SITE[index]!;
    return inMitt(digit) ? buildStack(layers[site]!, FINGERS_IN_MITT_FORM) : stacks[site]!;
  });
  const digitShapes = DIGITS.map((digit) => surfaceShape(DIGIT_PLACE[digit].kind, inMitt(digit)));
  return { layers, stacks, digitStacks, digitShapes, mitt };
}
