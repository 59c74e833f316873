// Scales of what a label does not print, a sentence for each step from 0 to 4: what anybody can tell by trying.

/** How loud a piece is when it is moved. */
export const NOISE = [
  "silent, as wool",
  "whispers close to the ear",
  "heard by somebody beside you",
  "rustles over ten paces",
  "crackles in frost",
] as const;

/** What water it keeps out. */
export const WATER_RESISTANCE = [
  "takes up water at once",
  "sheds a few drops",
  "keeps a shower out",
  "keeps hours of rain out, seams excepted",
  "watertight, seams and all",
] as const;

/** How stiff it goes in hard frost. */
export const STIFFNESS = [
  "stays as it is",
  "a little firmer",
  "folds with some force",
  "stands by itself",
  "may crack when folded",
] as const;

/** How well a sole holds on snow and ice. */
export const TRACTION = [
  "slips on wet grass",
  "holds on snow, slips on ice",
  "holds on rough ice with care",
  "holds on ice, soft rubber or felt",
  "spikes",
] as const;

/** How far one walks in a boot. */
export const WALKABILITY = [
  "a few steps",
  "from the vehicle to the hut",
  "a kilometre on a track",
  "some hours on a path",
  "all day over stock and stone",
] as const;

/** How it takes up and keeps smells of fire, fuel and people. */
export const ODOUR = [
  "takes up none",
  "aired in an hour",
  "aired overnight",
  "washed to be rid of it",
  "keeps it, washed or not",
] as const;

/** How its zips, straps and buttons are worked in the cold. */
export const CLOSURE_EASE = [
  "none to work",
  "in thick mitts",
  "in gloves",
  "with bare fingers",
  "hardly, with cold fingers",
] as const;

/** What one sees to the side and hears under what is worn on the head. */
export const SIDE_VIEW = [
  "nothing is taken from it",
  "a little at the edge",
  "turned head shows what eyes would",
  "straight ahead only",
] as const;

/** How a boot is closed: what one can do with cold fingers. */
export const CLOSURES = ["pullOn", "laces", "zip", "buckles", "dial"] as const;
export type Closure = (typeof CLOSURES)[number];

/** What fingers can do in a piece of handwear, or a task asks of them, 0 to 4. */
export const DEXTERITY = [
  "hold and carry with the fist",
  "grip a handle or a rod",
  "work zips, buckles and large switches",
  "draw, focus, release a shutter, tie a hook",
  "all that the bare hand can",
] as const;
