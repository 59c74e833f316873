import type { Digit } from "@/core/digits";
import type { Patch, Side } from "@/core/patches";

// Our own drawing of a seated figure in a field of 190 × 250, from the side (looking right, so its right side is seen)
// and from the front. Each shape is a part of the body as clothing and the model see it.

export type FigureShape = {
  readonly patch: Patch;
  readonly side: Side | null;
  readonly path: string;
  /** The digit whose temperature it shows; nothing given: the skin of its segment. */
  readonly digit?: Digit;
};

type Drawn = readonly [patch: Patch, path: string];

export const FIGURE_SIZE = { width: 190, height: 250 } as const;

const SIDE_VIEW: readonly Drawn[] = [
  ["calf", "M131,150 C139,150 146,154 147,162 L145,206 C140,209 132,209 127,206 L125,166 Z"],
  ["knee", "M124,133 C136,131 148,137 149,150 C149,157 147,162 147,163 L126,164 C122,152 121,142 124,133 Z"],
  ["ankle", "M127,208 C133,211 140,211 145,208 L146,221 L127,221 Z"],
  ["footUpper", "M127,223 L147,223 C152,226 157,229 161,231 L160,239 L127,239 Z"],
  ["toes", "M163,232 C171,233 177,235 178,239 L162,239 Z"],
  ["sole", "M126,241 L179,241 C180,245 179,247 176,247 L127,247 Z"],
  ["thighOnSeat", "M63,152 C80,157 100,157 120,153 L121,160 C102,164 82,164 66,161 Z"],
  ["thigh", "M62,128 C82,125 104,127 121,133 C119,140 120,147 121,151 C102,155 80,155 62,150 Z"],
  ["seat", "M36,130 L60,128 L60,150 L65,161 C48,162 36,152 36,138 Z"],
  ["lowerBack", "M37,104 L54,105 L55,127 L36,128 C35,120 35,112 37,104 Z"],
  ["belly", "M56,105 L79,103 C83,112 83,119 81,125 L57,127 Z"],
  ["back", "M47,66 C52,62 57,61 61,61 L55,102 L37,102 C37,88 40,74 47,66 Z"],
  ["chest", "M63,61 C70,61 76,64 79,70 C81,80 80,92 79,100 L57,102 Z"],
  ["neck", "M57,46 L74,49 L75,60 L56,59 Z"],
  ["scalp", "M51,32 C48,14 62,3 77,5 C85,6 91,11 93,17 L79,20 L78,34 L71,38 L69,45 L57,44 C53,41 51,37 51,32 Z"],
  ["face", "M81,22 L94,19 C96,23 96,26 96,28 L101,34 L97,37 C98,44 95,49 90,50 L75,48 L73,40 L80,36 Z"],
  ["ears", "M67,24 C71,23 75,26 74,31 C73,36 70,38 67,36 C64,33 64,27 67,24 Z"],
  ["upperArm", "M55,68 C62,63 70,66 72,73 L77,104 C73,110 65,111 61,107 L53,80 C52,74 53,71 55,68 Z"],
  ["forearm", "M63,109 C67,112 73,111 78,107 L112,116 L110,127 L69,120 C65,117 63,113 63,109 Z"],
  ["wrist", "M114,116 L121,118 L119,129 L112,128 Z"],
  ["hand", "M123,118 C129,117 134,119 137,121 L135,131 L121,130 Z"],
  ["fingers", "M139,122 C146,123 151,126 151,129 C150,132 144,132 137,132 Z"],
];

const MIDDLE_FRONT: readonly Drawn[] = [
  ["neck", "M86,48 L104,48 L106,58 L84,58 Z"],
  ["scalp", "M76,26 C75,10 84,4 95,4 C106,4 115,10 114,26 L112,22 C102,17 88,17 78,22 Z"],
  ["face", "M78,25 C88,20 102,20 112,25 C113,38 107,47 95,48 C83,47 77,38 78,25 Z"],
  ["ears", "M73,27 L76,28 L77,36 L73,34 Z M117,27 L114,28 L113,36 L117,34 Z"],
  ["chest", "M70,62 C80,59 110,59 120,62 L118,98 L72,98 Z"],
  ["belly", "M72,100 L118,100 L121,124 L69,124 Z"],
];

/** The side seen on the left of the picture: the figure's right. */
const SIDED_FRONT: readonly Drawn[] = [
  ["upperArm", "M68,63 C59,65 54,70 52,78 L45,104 L58,108 L70,80 Z"],
  ["forearm", "M44,106 L57,110 L68,128 L58,136 C50,128 45,118 44,106 Z"],
  ["wrist", "M69,130 L74,137 L66,143 L60,138 Z"],
  ["hand", "M76,139 L83,146 L76,152 L68,145 Z"],
  ["fingers", "M84,148 L91,156 L86,160 L78,154 Z"],
  ["thigh", "M68,126 L94,126 L94,160 L64,160 C61,148 63,136 68,126 Z"],
  ["knee", "M64,162 L93,162 C94,172 92,178 90,182 L67,182 C63,176 62,168 64,162 Z"],
  ["calf", "M67,184 L90,184 C91,194 89,204 87,212 L70,212 C67,203 66,193 67,184 Z"],
  ["ankle", "M71,214 L86,214 L87,222 L70,222 Z"],
  ["footUpper", "M69,224 L88,224 L90,234 L66,234 Z"],
  ["toes", "M65,236 L91,236 C92,241 91,244 88,245 L68,245 C64,244 64,240 65,236 Z"],
];

const digitOf = (patch: Patch, side: Side | null): Digit | undefined => {
  if (patch === "ears") return "ears";
  if (patch === "face") return "cheeks";
  if (side === null || (patch !== "fingers" && patch !== "toes")) return undefined;
  return patch === "fingers" ? `${side}Fingers` : `${side}Toes`;
};

function shape(patch: Patch, side: Side | null, path: string): FigureShape {
  const digit = digitOf(patch, side);
  return { patch, side, path, ...(digit && { digit }) };
}

const MIDDLE: ReadonlySet<Patch> = new Set([
  "scalp",
  "face",
  "ears",
  "neck",
  "chest",
  "back",
  "belly",
  "lowerBack",
  "seat",
]);

/** From the side. */
export const SIDE_FIGURE: readonly FigureShape[] = SIDE_VIEW.map(([patch, path]) =>
  shape(patch, MIDDLE.has(patch) ? null : "right", path),
);

/** From the front: what has no sides, and one side's shapes, drawn again mirrored for the other. */
export const FRONT_FIGURE = {
  middle: MIDDLE_FRONT.map(([patch, path]) => shape(patch, null, path)),
  right: SIDED_FRONT.map(([patch, path]) => shape(patch, "right", path)),
  left: SIDED_FRONT.map(([patch, path]) => shape(patch, "left", path)),
} as const;
