import type { ChunkedWork } from "./chunked-work";
import { doorTableAnswer, doorTableWork } from "./door-table";
import { kitMapAnswer, kitMapWork } from "./kit-map";
import { outfitSeasonAnswer, outfitSeasonWork } from "./outfit-season";
import { purchaseAnswer, purchaseWork } from "./purchases";

/** Every computation in parts, by its name: how it goes, how often it asks for parts, and how one is answered. */
const WORKS = {
  "kit-map": { begin: kitMapWork, answer: kitMapAnswer, stages: 2 },
  "outfit-season": { begin: outfitSeasonWork, answer: outfitSeasonAnswer, stages: 1 },
  "kit-season": { begin: purchaseWork, answer: purchaseAnswer, stages: 5 },
  "door-table": { begin: doorTableWork, answer: doorTableAnswer, stages: 2 },
} as const;

/** How much of a computation is done, 0 … 1: stages are taken to last alike, as later ones depend on what is found. */
export const doneShare = (name: WorkName, stage: number, done: number, asked: number): number =>
  Math.min(1, (stage + (asked === 0 ? 0 : done / asked)) / WORKS[name].stages);

export type WorkName = keyof typeof WORKS;
export type WorkInput<Name extends WorkName> = Parameters<(typeof WORKS)[Name]["begin"]>[0];
export type WorkResult<Name extends WorkName> =
  ReturnType<(typeof WORKS)[Name]["begin"]> extends Generator<unknown, infer Result, never> ? Result : never;
export type WorkChunk<Name extends WorkName> = Parameters<(typeof WORKS)[Name]["answer"]>[1];
export type WorkAnswer<Name extends WorkName> = ReturnType<(typeof WORKS)[Name]["answer"]>;

/**
 * Begins a computation by its name. What is asked for at run time cannot be told apart by types: whoever answers gives back
 * what `answerChunk` of the same name said, in the order asked.
 */
export const beginWork = <Name extends WorkName>(
  name: Name,
  input: WorkInput<Name>,
): ChunkedWork<WorkChunk<Name>, unknown, WorkResult<Name>> =>
  (WORKS[name].begin as (of: WorkInput<Name>) => ChunkedWork<WorkChunk<Name>, never, WorkResult<Name>>)(
    input,
  ) as ChunkedWork<WorkChunk<Name>, unknown, WorkResult<Name>>;

/** @throws {CoreError} as `simulateOuting` does */
export const answerChunk = <Name extends WorkName>(
  name: Name,
  input: WorkInput<Name>,
  chunk: WorkChunk<Name>,
): WorkAnswer<Name> =>
  (WORKS[name].answer as (of: WorkInput<Name>, part: WorkChunk<Name>) => WorkAnswer<Name>)(input, chunk);
