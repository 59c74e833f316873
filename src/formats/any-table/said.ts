import * as m from "@/messages";
import { folded } from "./words";

// What a person has said of heads and names of their tables, kept for the next table. Keys are folded, and may be any word.

/** Letters of a head or a name by which it is known again. */
export const LONGEST_KEY = 120;
const MOST_KEPT = 400;

export type Said<Value> = Readonly<Record<string, Value>>;

/** A column without a head is told by its place. */
export const headOf = (head: string, index: number): string => head || m.column({ index: index + 1 });

/** A head or a name as it is kept. */
export const keyOf = (text: string): string => folded(text).slice(0, LONGEST_KEY);

/** What was said of such a head or name, if anything was. */
export const saidOf = <Value>(said: Said<Value>, text: string): Value | undefined =>
  Object.hasOwn(said, keyOf(text)) ? said[keyOf(text)] : undefined;

/** What was said before and now, no more than can be kept; what was said longest ago is forgotten. */
export function remembered<Value>(before: Said<Value>, said: Said<Value>): Said<Value> {
  const others = Object.entries(before).filter(([key]) => !Object.hasOwn(said, key));
  return Object.fromEntries([...others, ...Object.entries(said)].slice(-MOST_KEPT));
}
