import { extent } from "d3-array";
import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import type { Frame } from "./front-chart";

/** A curve through a sit, one value a minute, and where something was said of it. */
export type NotedCurve<Key extends string> = {
  readonly key: Key;
  readonly valuesC: readonly number[];
  readonly said: readonly { readonly minute: number; readonly words: string }[];
};

export type NoteChart<Key extends string> = {
  readonly curves: readonly {
    readonly key: Key;
    readonly path: string;
    /** Where the curve ends, for its name. */
    readonly end: { readonly x: number; readonly y: number };
    readonly said: readonly { readonly x: number; readonly y: number; readonly words: string }[];
  }[];
  readonly temperatures: readonly { readonly value: number; readonly y: number }[];
  readonly minutes: readonly { readonly value: number; readonly x: number }[];
  readonly x: (minute: number) => number;
};

/** What was computed of a sit, with what was felt on it at the minute it was felt. */
export function noteChart<Key extends string>(
  curves: readonly NotedCurve<Key>[],
  { left, right, top, bottom }: Frame,
): NoteChart<Key> {
  const last = Math.max(1, ...curves.map(({ valuesC }) => valuesC.length - 1));
  const [lowest = 0, highest = 35] = extent(curves.flatMap(({ valuesC }) => valuesC));
  const x = scaleLinear([0, last], [left, right]);
  const y = scaleLinear([lowest, highest], [bottom, top]).nice();
  const at = (values: readonly number[], minute: number): number =>
    values[Math.min(values.length - 1, Math.max(0, Math.round(minute)))]!;
  return {
    x: (minute) => x(minute),
    temperatures: y.ticks(5).map((value) => ({ value, y: y(value) })),
    minutes: x.ticks(6).map((value) => ({ value, x: x(value) })),
    curves: curves.map(({ key, valuesC, said }) => ({
      key,
      path:
        line<number>()
          .x((_, minute) => x(minute))
          .y((value) => y(value))([...valuesC]) ?? "",
      end: { x: x(valuesC.length - 1), y: y(valuesC.at(-1)!) },
      said: said.map(({ minute, words }) => ({
        words,
        x: x(Math.min(last, Math.max(0, minute))),
        y: y(at(valuesC, minute)),
      })),
    })),
  };
}
