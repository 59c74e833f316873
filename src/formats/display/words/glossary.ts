/** A word of the trade or of Umiak, with what it means in a sentence or two. */
export type GlossaryEntry = { readonly term: string; readonly means: string };

/** One home of every explanation: the page of words, and the note beside a word where it is used. */
export const GLOSSARY = {
  minutesStill: {
    term: "minutes still",
    means:
      "How long you can stay seated, counted from when the sit begins, before something ends it. The middle of what is likely; half of all such mornings last longer, half shorter.",
  },
  range: {
    term: "range",
    means:
      "Where eight mornings of ten would end, given how roughly labels, weather and people are known. A wide range means that you should look at yourself, not at the clock.",
  },
  limit: {
    term: "limit",
    means: "What can end a sit: toes, fingers, face, shivering, cold skin all over, a cold trunk, or getting too warm.",
  },
  levels: {
    term: "comfort, cold, hard",
    means:
      "How much one puts up with. Comfort: toes turn cool (20 °C). Cold: they begin to hurt (15 °C). Hard: they go numb (10 °C). Each person chooses; children are called in at comfort.",
  },
  runnerUp: { term: "next", means: "What would end the sit if the first thing were mended." },
  heatDebt: {
    term: "heat debt",
    means:
      "Heat the body has lost and not made again, per square metre of skin. The international standard for cold work allows 40 W·h/m²; nobody feels it, so it is told but ends nothing unless you go by the standard.",
  },
  iso11079: {
    term: "ISO 11079",
    means:
      "The international standard for work in the cold. It reckons the whole body's balance and knows no toes, fingers or face; its answer stands beside ours with a sentence why they differ.",
  },
  clo: {
    term: "clo",
    means:
      "A unit of insulation: 1 clo keeps a person comfortable sitting indoors at 21 °C in an office suit. It is 0.155 m²·K/W. A winter parka has about 3 where it is thickest.",
  },
  insulation: {
    term: "insulation",
    means:
      "How much temperature difference a layer holds for the heat that passes, at one place of the body. It adds up through layers that lie over each other, never over panels that lie beside each other.",
  },
  grams: {
    term: "g/m²",
    means:
      "Weight of one square metre of filling or cloth. The same number means another warmth in a parka, a mitt and a boot, and the figures of several panels never add up.",
  },
  fillPower: {
    term: "fill power",
    means:
      "How far an ounce of down spreads, in cubic inches. Without the weight of the fill and the area it has to cover it says little.",
  },
  batting: { term: "batting", means: "Synthetic filling sewn in as a sheet, known by its weight per square metre." },
  face: {
    term: "face, of a piece",
    means:
      "Its outermost cloth: open, knitted, woven, densely woven, membrane or coated. It decides how much wind and water pass.",
  },
  testSheet: {
    term: "test sheet",
    means: "A maker's measured insulation of the whole piece, in m²·K/W, where one is printed. It is taken as it is.",
  },
  timesResting: {
    term: "times the resting heat",
    means:
      "How hard something is: the body's heat over what it makes lying still. Sitting still is 1.2, setting up about 2, walking to the seat about 4.",
  },
  kelvin: { term: "K", means: "Kelvin: a difference of temperatures in steps of 1 °C." },
  walkIn: {
    term: "walk in",
    means: "The way from where you are dropped or park to the seat; its sweat decides much of the sit.",
  },
  setUp: { term: "set up", means: "What is done at the place before one sits: hide, tripod, holes in the ice." },
  sit: { term: "sit", means: "The time spent still. It can be cut by tasks with the hands and by breaks." },
  regulator: {
    term: "regulator",
    means: "What is opened or shut on the way without undressing: zip, hood, mitt cap, collar, cuffs, hem.",
  },
  shelter: {
    term: "shelter",
    means: "What keeps the wind of the forecast, which blows at ten metres over open ground, off the seat.",
  },
  windChill: {
    term: "wind chill",
    means: "The air temperature in a light wind that would cool bare skin as fast. It says nothing of dressed feet.",
  },
  arrivesTooCold: {
    term: "arrives too cold",
    means:
      "Something is beyond its limit as the sit begins and does not come back within the hour: dress warmer for the walk, or stay at home.",
  },
  whatBuysMinutes: {
    term: "what buys minutes",
    means:
      "Single changes of clothes, seat or start, each simulated, in order of what they add. Try one: it is drawn beside and can be undone.",
  },
  waterInClothes: {
    term: "water in the clothes",
    means:
      "Sweat and snow that layers hold. It conducts heat, takes heat to dry, and makes the second hour colder than the first.",
  },
} as const satisfies Record<string, GlossaryEntry>;

export type GlossaryKey = keyof typeof GLOSSARY;
