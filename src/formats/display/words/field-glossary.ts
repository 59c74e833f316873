import type { GlossaryEntry } from "./glossary";

/** What fields of the sheet's editors mean; apart from the other words, so that they are fetched with the editors. */
export const FIELD_GLOSSARY = {
  whenOff: {
    term: "when off, it is",
    means:
      "Where the piece is while it is not worn. In the pack it is carried and keeps its water; hung up it dries in the air there; at the vehicle or at home it is not carried.",
  },
  side: { term: "side", means: "Both, or one alone: a glove off the working hand, a pack in one boot." },
  layers: {
    term: "among the layers",
    means:
      "What lies under and over the piece in its zone. The order decides where wind is stopped and where water stays.",
  },
  phaseKind: {
    term: "kind of phase",
    means:
      "What is done: the walk in, setting up, the sit, a break on the feet, warming up indoors, the walk out. Only sits are judged.",
  },
  posture: {
    term: "posture",
    means:
      "Sitting presses clothes against the seat and rests the legs; standing puts all weight on the soles; lying touches the ground.",
  },
  effort: {
    term: "effort",
    means:
      "How hard the phase is. As walked: from distance, climb, load and ground. By a class: what it feels like. As stated: the body's heat over what it makes lying still.",
  },
  windAtTen: {
    term: "wind at 10 m",
    means:
      "As forecasts give it: ten metres above open ground. What reaches the seat is less, by its height and shelter; the sheet reckons with that.",
  },
  cloud: {
    term: "cloud",
    means:
      "Share of the sky that is covered. A clear night sky draws heat from the body as colder air would; sun through gaps warms it.",
  },
  precipitation: {
    term: "rain or snow, as water",
    means:
      "Depth of water that falls in the hour; a centimetre of fresh snow is about a millimetre. It wets what is not proof against it.",
  },
  shelter: {
    term: "shelter",
    means:
      "How much of the wind is kept off the seat: none on open ground, some behind scrub or a ridge, most in a hide or a hut.",
  },
  ground: {
    term: "feet stand on",
    means:
      "What the soles give their heat to. Metal and ice draw it fastest, a board or a pad slows it; the soles pay for hours.",
  },
  seat: {
    term: "you sit on",
    means: "What is under you besides the pads you wear: it is pressed, and cold for as long as you sit.",
  },
  seatHeight: {
    term: "height of the seat",
    means:
      "Above the ground around. Wind grows with height: a high seat of six metres has about half as much again as one on the ground.",
  },
  sinking: {
    term: "boots sink into snow",
    means: "How deep at each step without snowshoes. Ten centimetres can double the effort of the walk, and its sweat.",
  },
  terrain: {
    term: "ground walked on",
    means: "What the walk in goes over: a road costs least, bog and deep snow the most.",
  },
  refuge: {
    term: "warmth near by",
    means:
      "Where one can go when it has to end: a hut, a vehicle. It is told on the card and asked for when something goes wrong.",
  },
  bootsFrom: {
    term: "boots and gloves come from",
    means:
      "Where they stood before: from a warm house they bring heat along at first, from a cold car they bring none.",
  },
} as const satisfies Record<string, GlossaryEntry>;

export type FieldGlossaryKey = keyof typeof FIELD_GLOSSARY;
