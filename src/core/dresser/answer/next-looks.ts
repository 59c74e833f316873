/** An outfit of the front, as a single simulation says, and as its close look says where there was one. */
export type Looked = {
  readonly massG: number;
  readonly minutes: number;
  /** Minutes that may be counted on; `null` before it is looked at. */
  readonly countedMinutes: number | null;
  /** Whether it was seen to last as long as is wanted. */
  readonly does: boolean;
};

/** What is lighter by less is no lighter: a range of few members tells such outfits apart no better (assumption). */
export const AS_LIGHT_SHARE = 0.02;

/**
 * Which of the front to look at next for the lightest that lasts: between the last that was seen to fall short and the first
 * that was seen to last the one that should be it, as what is counted on grows from one to the other, and the one before it.
 * @param front the lightest first
 * @returns places in it; none once the lightest is known, or nothing lasts
 */
export function nextLooks(front: readonly Looked[], wantedMinutes: number): number[] {
  const first = front.findIndex(({ does }) => does);
  const lasting = front[first];
  const hopeful = lasting ? front.findIndex(({ massG }) => massG > lasting.massG * (1 - AS_LIGHT_SHARE)) : front.length;
  const short = front.findLastIndex(({ countedMinutes }, place) => place < first && countedMinutes !== null);
  const from = (lasting ? short : front.findLastIndex(({ countedMinutes }) => countedMinutes !== null)) + 1;
  if (from >= hopeful) return [];
  // Nothing lasts yet: the warmest that was not looked at is the likeliest.
  if (!lasting) return [hopeful - 1];
  const likely = likelyToLast(front[short] ?? NOTHING, lasting, wantedMinutes);
  const place = front.findIndex(({ minutes }, own) => own >= from && minutes >= likely);
  // Should it be what is known to last, what is counted on leaps somewhere between: they are parted evenly.
  const wanted =
    place < hopeful ? [place - 1, place] : [1, 2].map((third) => from + Math.floor(((hopeful - from) * third) / 3));
  return [...new Set(wanted)].filter((own) => own >= from && own < hopeful);
}

const NOTHING = { minutes: 0, countedMinutes: 0 } as const;

/** Minutes by a single simulation from which an outfit should last, as what is counted on grows between two of them. */
function likelyToLast(
  short: Pick<Looked, "minutes" | "countedMinutes">,
  lasting: Pick<Looked, "minutes" | "countedMinutes">,
  wantedMinutes: number,
): number {
  const [shortCounted, lastingCounted] = [short.countedMinutes ?? 0, lasting.countedMinutes ?? lasting.minutes];
  const share = (wantedMinutes - shortCounted) / Math.max(1, lastingCounted - shortCounted);
  return short.minutes + share * (lasting.minutes - short.minutes);
}
