import type { OutfitState } from "./outfit-state";

/** What is worn in order of time, another wherever something is put on or taken off; each resolved when first asked for. */
export class OutfitTimeline<What = OutfitState> {
  private readonly changes: readonly number[];
  private readonly resolve: (fromMinute: number) => What;
  private readonly known: (What | undefined)[] = [];

  /** @param changes minutes in order of time, the first not after any that is asked for */
  constructor(changes: readonly number[], resolve: (fromMinute: number) => What) {
    this.changes = changes;
    this.resolve = resolve;
  }

  /** What is worn at a minute. */
  at(minute: number): What {
    const { changes, known } = this;
    let index = 0;
    while (index + 1 < changes.length && changes[index + 1]! <= minute) index++;
    return (known[index] ??= this.resolve(changes[index]!));
  }

  /** When clothes are changed next, `to` at most. */
  nextAfter(minute: number, to: number): number {
    for (const change of this.changes) if (change > minute) return Math.min(change, to);
    return to;
  }
}
