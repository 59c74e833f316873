import type { Missing, PackGroup, PackLine, Thing } from "@/core/evening";

export const PACK_GROUP_WORDS: Readonly<Record<PackGroup, string>> = {
  worn: "Worn from the start",
  carried: "In the pack",
  vehicle: "Left at the vehicle",
  spare: "Spare dry set, in a waterproof pouch",
  heat: "Heat and batteries",
  faceAndEyes: "Face and eyes",
  emergency: "Emergency",
  food: "Food and drink",
  tools: "Tools of the trade",
};

const THING_WORDS: Readonly<Record<Thing, string>> = {
  headlamp: "headlamp, with a red light",
  spareLamp: "second lamp or spare batteries for the first: part of the outing is dark",
  telephone: "telephone, charged and kept warm against the body",
  messenger: "satellite messenger or two hand radios: coverage is weak or none",
  firstAid: "first-aid kit",
  whistle: "whistle",
  mapAndCompass: "map and compass",
  survivalBag: "survival bag or blanket: shelter is far",
  lighter: "lighter and something that burns",
  iceClaws: "ice claws, worn round the neck",
  throwLine: "throw line",
  flask: "flask with something hot, without caffeine",
  food: "food that can be eaten frozen and with mitts",
  water: "water, upside down or inside the clothes so that it does not freeze",
  sunglasses: "sunglasses: sun on snow",
  sunCream: "sun cream: sun on snow",
  lipBalm: "lip balm",
  fogCloth: "dry cloth for lenses and eyepieces",
  watch: "watch: a phone needs bare fingers",
  spareBatteries: "spare batteries for devices, two, better three, in an inside pocket",
  traction: "studs or coils under the soles: ice",
  snowshoes: "snowshoes",
  harness: "harness with its line: the seat is high",
  waterproofPouch: "waterproof pouch for the dry set",
};

const MISSING_WORDS: Readonly<Record<Missing, string>> = {
  drySetTop: "a dry base top: the kit has none to spare",
  drySetLegs: "dry long underwear: the kit has none to spare",
  drySetSocks: "dry socks: the kit has none to spare",
  faceCover: "a face cover: nothing worn covers nose and cheeks",
  seatPad: "a pad to sit on",
};

/** A line in words. */
export function packLineWords({ what }: PackLine): string {
  if (what.kind === "piece") return what.piece.name;
  if (what.kind === "thing") return THING_WORDS[what.thing];
  return what.kind === "extra" ? what.words : MISSING_WORDS[what.missing];
}
