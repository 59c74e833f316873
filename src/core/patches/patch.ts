import { SEGMENT_INDEX, type Segment } from "../body";
import type { PatchForm } from "../clothing";

/** Parts of the body as clothing sees them, from head to foot. */
export const PATCHES = [
  "scalp",
  "ears",
  "face",
  "neck",
  "chest",
  "back",
  "belly",
  "lowerBack",
  "seat",
  "upperArm",
  "forearm",
  "wrist",
  "hand",
  "fingers",
  "thigh",
  "thighOnSeat",
  "knee",
  "calf",
  "ankle",
  "footUpper",
  "sole",
  "toes",
] as const;
export type Patch = (typeof PATCHES)[number];

export const SIDES = ["left", "right"] as const;
export type Side = (typeof SIDES)[number];

type PatchAnatomy = {
  /** Segment by side; one segment for what has no sides. */
  readonly segment: readonly [Segment] | readonly [left: Segment, right: Segment];
  /** Share of the segment's skin. */
  readonly share: number;
  readonly form: PatchForm;
};

const cylinder = (radiusMm: number): PatchForm => ({ shape: "cylinder", radiusMm });
const sphere = (radiusMm: number): PatchForm => ({ shape: "sphere", radiusMm });
const both = (name: "Shoulder" | "Arm" | "Hand" | "Thigh" | "Leg" | "Foot"): readonly [Segment, Segment] => [
  `left${name}`,
  `right${name}`,
];

/** Shares, radii and shapes: assumptions, chosen near anthropometric means. Fingers and toes are digits (see digits/). */
export const PATCH_ANATOMY: Readonly<Record<Patch, PatchAnatomy>> = {
  scalp: { segment: ["head"], share: 0.45, form: sphere(90) },
  ears: { segment: ["head"], share: 0.05, form: sphere(90) },
  face: { segment: ["head"], share: 0.5, form: sphere(90) },
  neck: { segment: ["neck"], share: 1, form: cylinder(60) },
  chest: { segment: ["chest"], share: 1, form: cylinder(150) },
  back: { segment: ["back"], share: 1, form: cylinder(150) },
  belly: { segment: ["pelvis"], share: 0.35, form: cylinder(150) },
  lowerBack: { segment: ["pelvis"], share: 0.25, form: cylinder(150) },
  seat: { segment: ["pelvis"], share: 0.4, form: cylinder(150) },
  upperArm: { segment: both("Shoulder"), share: 1, form: cylinder(50) },
  forearm: { segment: both("Arm"), share: 0.9, form: cylinder(42) },
  wrist: { segment: both("Arm"), share: 0.1, form: cylinder(30) },
  hand: { segment: both("Hand"), share: 0.5, form: cylinder(30) },
  fingers: { segment: both("Hand"), share: 0.5, form: cylinder(8) },
  thigh: { segment: both("Thigh"), share: 0.85, form: cylinder(80) },
  thighOnSeat: { segment: both("Thigh"), share: 0.15, form: cylinder(80) },
  knee: { segment: both("Leg"), share: 0.15, form: cylinder(55) },
  calf: { segment: both("Leg"), share: 0.75, form: cylinder(55) },
  ankle: { segment: both("Leg"), share: 0.1, form: cylinder(40) },
  footUpper: { segment: both("Foot"), share: 0.45, form: cylinder(40) },
  sole: { segment: both("Foot"), share: 0.3, form: { shape: "flat" } },
  toes: { segment: both("Foot"), share: 0.25, form: cylinder(35) },
};

/** Fingers lying together in a mitt, mm (assumption). */
export const FINGERS_IN_MITT_FORM: PatchForm = cylinder(28);

/** A patch on one side of the body. */
export type Site = {
  readonly patch: Patch;
  /** `null` where the body has one of it. */
  readonly side: Side | null;
  readonly segmentIndex: number;
  readonly share: number;
  readonly form: PatchForm;
  /** Name used in figures: the patch, with its side where it has one. */
  readonly key: string;
};

/** Every patch of the body, both sides. */
export const SITES: readonly Site[] = PATCHES.flatMap((patch): Site[] => {
  const { segment, share, form } = PATCH_ANATOMY[patch];
  if (segment.length === 1) {
    return [{ patch, side: null, segmentIndex: SEGMENT_INDEX[segment[0]], share, form, key: patch }];
  }
  return SIDES.map((side, index) => ({
    patch,
    side,
    segmentIndex: SEGMENT_INDEX[segment[index]!],
    share,
    form,
    key: `${patch}.${side}`,
  }));
});

/** Place of a site by its key. */
export const SITE_INDEX: Readonly<Record<string, number>> = Object.fromEntries(
  SITES.map(({ key }, index) => [key, index]),
);

/** The site of a patch on a side; what has no sides ignores it. */
export const siteKey = (patch: Patch, side: Side): string =>
  PATCH_ANATOMY[patch].segment.length === 1 ? patch : `${patch}.${side}`;

/** Patches that lose heat as digits with a temperature of their own, not through their segment. */
export const isDigitPatch = (patch: Patch): boolean => patch === "fingers" || patch === "toes";
