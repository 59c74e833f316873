/** Parts that are asked about after a sit. */
export const FELT_PARTS = ["leftToes", "rightToes", "leftFingers", "rightFingers", "face", "body"] as const;
export type FeltPart = (typeof FELT_PARTS)[number];

/** How a part felt when it was worst, from warm to numb. */
export const VOTES = ["warm", "neutral", "cool", "cold", "painful", "numb"] as const;
export type Vote = (typeof VOTES)[number];

/** Why a sit ended. */
export const ENDINGS = ["cold", "gameOver", "weather", "other"] as const;
export type Ending = (typeof ENDINGS)[number];

/** Where clothes were damp. */
export const DAMP_AT = ["head", "trunk", "arms", "hands", "legs", "feet"] as const;
export type DampAt = (typeof DAMP_AT)[number];

/** How one part felt. */
export type PartFelt = {
  readonly vote: Vote;
  /** Minutes from the start of the sit after which it was first cold; `null` where it is not known, or never was. */
  readonly coldAfterMinutes: number | null;
};

/** What was felt on a sit. Only how long it lasted has to be told. */
export type Felt = {
  /** From the start of the sit until one got up. */
  readonly minutes: number;
  readonly ended: Ending | null;
  /** What got cold first. */
  readonly first: FeltPart | null;
  readonly parts: Readonly<Partial<Record<FeltPart, PartFelt>>>;
  readonly dampAt: readonly DampAt[];
  /** What was worn, done or met otherwise than planned; what went right; anything else. */
  readonly changed: string;
  readonly wentRight: string;
  readonly words: string;
};

/** A note that says no more than how long. */
export const NOTHING_SAID: Omit<Felt, "minutes"> = {
  ended: null,
  first: null,
  parts: {},
  dampAt: [],
  changed: "",
  wentRight: "",
  words: "",
};

export const FELT_RANGE = {
  /** No sit is longer than a day. */
  minutes: [0, 1440],
  letters: 2000,
} as const;

/** From what vote on a part counts as cold. */
const COLD_FROM = VOTES.indexOf("cold");
export const isCold = (vote: Vote): boolean => VOTES.indexOf(vote) >= COLD_FROM;
