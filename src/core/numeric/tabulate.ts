/** An array of numbers computed index by index; several times faster than `Float64Array.from` with a function. */
export function tabulate(count: number, valueAt: (index: number) => number): Float64Array {
  const values = new Float64Array(count);
  for (let position = 0; position < count; position++) values[position] = valueAt(position);
  return values;
}

/** The values, each times a factor. */
export const scaled = (values: ArrayLike<number>, factor: number): Float64Array =>
  tabulate(values.length, (index) => values[index]! * factor);
