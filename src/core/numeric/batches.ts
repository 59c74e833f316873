/** A list in parts of a size, the last one shorter. @param size at least 1 */
export function* batches<Item>(items: readonly Item[], size: number): Generator<readonly Item[]> {
  for (let from = 0; from < items.length; from += size) yield items.slice(from, from + size);
}
