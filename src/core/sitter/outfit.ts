import { buildStack, type Layer, type PatchForm, type Stack } from "../clothing";
import { DIGIT_PLACE, DIGITS, surfaceShape, type Digit, type SurfaceShape } from "../digits";
import { FINGERS_IN_MITT_FORM, SITE_INDEX, SITES, type Side } from "../patches";

/** Layers on every site of the body, from the skin out; by the order of SITES. */
export type SiteLayers = readonly (readonly Layer[])[];

/** An outfit worked out once for as long as nothing is put on or taken off. */
export type Outfit = {
  readonly layers: SiteLayers;
  /** Every different stack once: left and right, chest and back are mostly dressed alike. */
  readonly stacks: readonly Stack[];
  /** Place in `stacks` by site, and by digit in the order of DIGITS. */
  readonly siteStack: Int32Array;
  readonly digitStack: Int32Array;
  /** Outer shape of each digit. */
  readonly digitShapes: readonly SurfaceShape[];
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

const sameForm = (one: PatchForm, other: PatchForm): boolean =>
  one.shape === "flat" || other.shape === "flat"
    ? one.shape === other.shape
    : one.shape === other.shape && one.radiusMm === other.radiusMm;

type Dressed = { readonly layers: readonly Layer[]; readonly form: PatchForm; readonly stack: Stack };
const NO_LAYER: Layer | null = null;

/** Builds each different stack once; stacks of an outfit worn before are taken over. */
export class Wardrobe {
  /** By innermost layer: few stacks share it. */
  private readonly built = new Map<Layer | null, Dressed[]>();

  stackFor(layers: readonly Layer[], form: PatchForm): Stack {
    const innermost = layers[0] ?? NO_LAYER;
    const alike = this.built.get(innermost) ?? [];
    const known = alike.find((dressed) => sameForm(dressed.form, form) && sameLayers(dressed.layers, layers));
    if (known) return known.stack;
    const stack = buildStack(layers, form);
    alike.push({ layers, form, stack });
    this.built.set(innermost, alike);
    return stack;
  }
}

/**
 * Works out an outfit.
 * @param mitt whether the fingers of a side lie together in a mitt
 * @param wardrobe stacks already built, shared by the outfits of an outing
 */
export function buildOutfit(
  layers: SiteLayers,
  mitt: Readonly<Record<Side, boolean>>,
  wardrobe: Wardrobe = new Wardrobe(),
): Outfit {
  const stacks: Stack[] = [];
  const placeOfStack = new Map<Stack, number>();
  const placeOf = (own: readonly Layer[], form: PatchForm): number => {
    const stack = wardrobe.stackFor(own, form);
    const known = placeOfStack.get(stack);
    if (known !== undefined) return known;
    placeOfStack.set(stack, stacks.length);
    return stacks.push(stack) - 1;
  };
  const inMitt = (digit: Digit): boolean => {
    const side = FINGER_SIDE[digit];
    return side !== undefined && mitt[side];
  };
  const formOf = (digit: Digit, site: number): PatchForm => (inMitt(digit) ? FINGERS_IN_MITT_FORM : SITES[site]!.form);
  return {
    layers,
    siteStack: Int32Array.from(SITES, ({ form }, site) => placeOf(layers[site]!, form)),
    digitStack: Int32Array.from(DIGITS, (digit, index) => {
      const site = DIGIT_SITE[index]!;
      return placeOf(layers[site]!, formOf(digit, site));
    }),
    digitShapes: DIGITS.map((digit) => surfaceShape(DIGIT_PLACE[digit].kind, inMitt(digit))),
    stacks,
  };
}
