// What is done to a sheet is kept as a list of commands. A command names the things it changed, each with what it was and
// what it became: that is its inverse too, and lets it be done again on a newer state, thing by thing.

/** What a sheet holds, by name; things of a list are known by a key, the rest by the name itself. */
export const SHEET_COLLECTIONS = [
  "weather",
  "phases",
  "wearings",
  "setting",
  "weatherShaped",
  "order",
  "plan",
] as const;
export type SheetCollection = (typeof SHEET_COLLECTIONS)[number];

export type SheetChange = {
  readonly collection: SheetCollection;
  /** Id of a phase or wearing, instant of an hour, field of the plan; the collection's name where it is one thing. */
  readonly key: string;
  /** `null`: it was not there, or is no longer. */
  readonly before: unknown;
  readonly after: unknown;
};

export type SheetCommand = { readonly id: string; readonly label: string; readonly changes: readonly SheetChange[] };

/** How many commands a sheet remembers. */
export const MOST_COMMANDS = 200;
/** How many saves in a row without an answer are told to the server; older ones are forgotten. */
export const MOST_UNACKNOWLEDGED = 100;

/** The commands of a sheet and how many of them, from the first, are done. */
export type History = {
  /** How many older ones are forgotten. */
  readonly dropped: number;
  readonly commands: readonly SheetCommand[];
  readonly done: number;
};

export const NO_HISTORY: History = { dropped: 0, commands: [], done: 0 };

/** What turns a list the server has into the one here; places are counted from the first command ever. */
export type HistoryPatch = { readonly keep: number; readonly add: readonly SheetCommand[]; readonly done: number };
