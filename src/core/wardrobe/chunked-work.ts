/**
 * A computation in parts that anybody can do by themselves: it asks for parts, takes in what they answer, in their order,
 * and in the end says what they come to. Parts and answers are plain data, so that they may be done in other workers, on
 * other machines or on another day, and what is begun can be taken up again from the answers there are.
 */
export type ChunkedWork<Chunk, Answer, Result> = Generator<readonly Chunk[], Result, readonly Answer[]>;

/** Does every part here, one after the other. */
export function doneAlone<Chunk, Answer, Result>(
  work: ChunkedWork<Chunk, Answer, Result>,
  answer: (chunk: Chunk) => Answer,
): Result {
  let step = work.next();
  while (!step.done) step = work.next(step.value.map(answer));
  return step.value;
}

/** A list in parts of so many; the last may be smaller. */
export const inParts = <Of>(list: readonly Of[], size: number): Of[][] =>
  Array.from({ length: Math.ceil(list.length / size) }, (_, part) => list.slice(part * size, (part + 1) * size));
