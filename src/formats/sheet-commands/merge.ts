import { isFields, namesOf, same } from "../same";

// A change is made again on a newer state field by field: what somebody else did to other fields of the same thing stays.

/** What a thing becomes where a change led `from` one state `to` another and it is by now in a third. */
export function mergedThing(current: unknown, from: unknown, to: unknown): unknown {
  if (!isFields(current) || !isFields(from) || !isFields(to)) return to;
  const merged = namesOf(current, to).map((name): [string, unknown] => [
    name,
    same(from[name], to[name]) ? current[name] : mergedThing(current[name], from[name], to[name]),
  ]);
  return Object.fromEntries(merged.filter(([, value]) => value !== undefined));
}

/** Whether a change and somebody else's touched the same field, to different ends. */
export function clashes(current: unknown, from: unknown, to: unknown): boolean {
  if (same(from, to) || same(current, from) || same(current, to)) return false;
  if (!isFields(current) || !isFields(from) || !isFields(to)) return true;
  return namesOf(current, from, to).some((name) => clashes(current[name], from[name], to[name]));
}

/**
 * An order of ids made again on a list that has others too: those stay behind what they stood behind.
 * @param wanted the order asked for
 * @param current the order there is
 */
export function mergedOrder(wanted: readonly string[], current: readonly string[]): string[] {
  const order = wanted.filter((id) => current.includes(id));
  current.forEach((id, index) => {
    if (order.includes(id)) return;
    const before = current.slice(0, index).findLast((other) => order.includes(other));
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, id);
  });
  return order;
}
