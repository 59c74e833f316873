import {
  buildStack,
  coveredRegions,
  digitFlowWhenTight,
  withMisfit,
  type Misfit,
  type PatchForm,
  type Stack,
  type WornLayer,
} from "../../clothing";
import { DIGIT_PLACE, DIGITS, surfaceShape, type Digit, type SurfaceShape } from "../../digits";
import { FINGERS_IN_MITT_FORM, LEAKS_INTO, SITE_INDEX, SITES, type LeakPoint, type Side } from "../../patches";

/** Layers on every site of the body, from the skin out; by the order of SITES. */
export type SiteLayers = readonly (readonly WornLayer[])[];

/** What a person wears at one time, before it is computed. */
export type Clothes = {
  readonly layers: SiteLayers;
  /** Whether the fingers of a side lie together in a mitt. */
  readonly mitt: Readonly<Record<Side, boolean>>;
  /** Where the clothing is open. */
  readonly leaks: readonly LeakPoint[];
};

/** Parts of sites or digits under different layers; a place with one dress all over is one part. */
export type OutfitParts = {
  /** Place of the part among SITES or DIGITS. */
  readonly place: Int32Array;
  /** Share of that place. */
  readonly share: Float64Array;
  /** Place in the outfit's `stacks`. */
  readonly stack: Int32Array;
};

/** An outfit resolved once for as long as nothing is put on or taken off. */
export type Outfit = {
  /** Every different stack once: left and right, chest and back are mostly dressed alike. */
  readonly stacks: readonly Stack[];
  readonly siteParts: OutfitParts;
  readonly digitParts: OutfitParts;
  /** Outer shape of each digit. */
  readonly digitShapes: readonly SurfaceShape[];
  /** Share of each digit's blood that tight boots and gloves let through. */
  readonly digitFlow: Float64Array;
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

const sameLayers = (one: readonly WornLayer[], other: readonly WornLayer[]): boolean =>
  one.length === other.length && one.every((layer, index) => layer === other[index]);

const sameForm = (one: PatchForm, other: PatchForm): boolean =>
  one.shape === "flat" || other.shape === "flat"
    ? one.shape === other.shape
    : one.shape === other.shape && one.radiusMm === other.radiusMm;

/** A patch dressed in regions, and the stack of each. */
type Dressed = {
  readonly layers: readonly WornLayer[];
  readonly form: PatchForm;
  readonly leaks: boolean;
  readonly regions: readonly { readonly share: number; readonly stack: Stack }[];
};
const NO_LAYER: WornLayer | null = null;

/** Builds each different stack once; stacks of an outfit worn before are taken over. */
export class Wardrobe {
  /** By innermost layer: few stacks share it. */
  private readonly built = new Map<WornLayer | null, Dressed[]>();

  regionsOf(layers: readonly WornLayer[], form: PatchForm, leaks: boolean): Dressed["regions"] {
    const innermost = layers[0] ?? NO_LAYER;
    const alike = this.built.get(innermost) ?? [];
    const known = alike.find(
      (dressed) => dressed.leaks === leaks && sameForm(dressed.form, form) && sameLayers(dressed.layers, layers),
    );
    if (known) return known.regions;
    const regions = coveredRegions(layers).map(({ share, layers: own }) => ({
      share,
      stack: buildStack(own, form, leaks),
    }));
    alike.push({ layers, form, leaks, regions });
    this.built.set(innermost, alike);
    return regions;
  }
}

/** Stacks whose cloth and air insulate otherwise than read, each resolved once for all outfits of an outing. */
export class FactoredStacks {
  private readonly known = new Map<Stack, Stack>();

  constructor(private readonly misfit: Misfit) {}

  /** The outfit with such stacks: nothing else of it follows from what cloth insulates. */
  outfitOf(outfit: Outfit): Outfit {
    const { siteParts, digitParts, digitShapes, digitFlow } = outfit;
    return { siteParts, digitParts, stacks: outfit.stacks.map((stack) => this.of(stack)), digitShapes, digitFlow };
  }

  private of(stack: Stack): Stack {
    const known = this.known.get(stack);
    if (known) return known;
    const factored = withMisfit(stack, this.misfit);
    this.known.set(stack, factored);
    return factored;
  }
}

const inMitt = (digit: Digit, mitt: Clothes["mitt"]): boolean => {
  const side = FINGER_SIDE[digit];
  return side !== undefined && mitt[side];
};

/** Collects the parts of an outfit, each different stack once. */
class PartsBuilder {
  readonly stacks: Stack[] = [];
  private readonly placeOfStack = new Map<Stack, number>();

  private placeOf(stack: Stack): number {
    const known = this.placeOfStack.get(stack);
    if (known !== undefined) return known;
    this.placeOfStack.set(stack, this.stacks.length);
    return this.stacks.push(stack) - 1;
  }

  parts(dressed: readonly Dressed["regions"][]): OutfitParts {
    const count = dressed.reduce((total, regions) => total + regions.length, 0);
    const parts = { place: new Int32Array(count), share: new Float64Array(count), stack: new Int32Array(count) };
    let part = 0;
    dressed.forEach((regions, index) => {
      for (const region of regions) {
        parts.place[part] = index;
        parts.share[part] = region.share;
        parts.stack[part++] = this.placeOf(region.stack);
      }
    });
    return parts;
  }
}

/**
 * Works out an outfit.
 * @param wardrobe stacks already built, shared by the outfits of an outing
 */
export function buildOutfit({ layers, mitt, leaks }: Clothes, wardrobe: Wardrobe = new Wardrobe()): Outfit {
  const open = new Set(leaks.flatMap((point) => LEAKS_INTO[point]));
  const builder = new PartsBuilder();
  const sites = SITES.map(({ form, patch }, site) => wardrobe.regionsOf(layers[site]!, form, open.has(patch)));
  const digits = DIGITS.map((digit, index) => {
    const site = DIGIT_SITE[index]!;
    const form = inMitt(digit, mitt) ? FINGERS_IN_MITT_FORM : SITES[site]!.form;
    return wardrobe.regionsOf(layers[site]!, form, open.has(SITES[site]!.patch));
  });
  const overfill = (regions: Dressed["regions"]): number => Math.max(...regions.map(({ stack }) => stack.overfillMm));
  return {
    siteParts: builder.parts(sites),
    digitParts: builder.parts(digits),
    stacks: builder.stacks,
    digitShapes: DIGITS.map((digit) => surfaceShape(DIGIT_PLACE[digit].kind, inMitt(digit, mitt))),
    digitFlow: Float64Array.from(digits, (regions) => digitFlowWhenTight(overfill(regions))),
  };
}
