/** An outfit of the front, as a single simulation says, and as its close look says where there was one. */
export type Looked = {
  readonly minutes: number;
  /** Minutes that may be counted on; `null` before it is looked at. */
  readonly countedMinutes: number | null;
  /** Whether it was seen to last as long as is wanted. */
  readonly does: boolean;
};

/**
 * Which of the front to look at next for the lightest that lasts: between the last that was seen to fall short and the first
 * that was seen to last the one that should be it, as what is counted on grows from one to the other, and the one before it.
 * @param front the lightest first
 * @returns places in it; none once the lightest is known, or nothing lasts
 */
export function nextLooks(front: readonly Looked[], wantedMinutes: number): number[] {
  const first = front.findIndex(({ does }) => does);
  const end = first < 0 ? front.length : first;
  const from = front.findLastIndex(({ countedMinutes }, place) => place < end && countedMinutes !== null) + 1;
  if (from >= end) return [];
  const lasting = front[first];
  // Nothing lasts yet: the warmest that was not looked at is the likeliest.
  if (!lasting) return [end - 1];
  const short = front[from - 1] ?? { minutes: 0, countedMinutes: 0 };
  const [shortCounted, lastingCounted] = [short.countedMinutes ?? 0, lasting.countedMinutes ?? lasting.minutes];
  const growth = (lastingCounted - shortCounted) / Math.max(1, lasting.minutes - short.minutes);
  const likely = front.findIndex(
    ({ minutes }, place) =>
      place >= from && (place >= end || shortCounted + growth * (minutes - short.minutes) >= wantedMinutes),
  );
  return [likely - 1, likely].filter((place) => place >= from && place < end);
}
