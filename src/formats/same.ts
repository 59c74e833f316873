// Equality of what is stored and sent: a field that is missing and one that is undefined are the same, the order of fields
// does not count.

export type Fields = Readonly<Record<string, unknown>>;

export const isFields = (thing: unknown): thing is Fields =>
  typeof thing === "object" && thing !== null && !Array.isArray(thing);

/** Whether two things say the same, whatever the order of their fields. */
export function same(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (Array.isArray(one) && Array.isArray(other)) {
    return one.length === other.length && one.every((value, index) => same(value, other[index]));
  }
  if (!isFields(one) || !isFields(other)) return false;
  return namesOf(one, other).every((name) => same(one[name], other[name]));
}

export const namesOf = (...things: readonly Fields[]): string[] => [
  ...new Set(things.flatMap((thing) => Object.keys(thing))),
];
