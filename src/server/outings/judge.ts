import { CoreError } from "@/core/errors";
import { simulateOuting, type Outing, type OutingResult } from "@/core/outing";
import { RANGE_MEMBERS, RangeInParts, rangeOf, type MinutesRange, type RangeMembers } from "@/core/range";
import type { OutingView, VerdictLine } from "@/formats/wire/outing-view";
import { verdictLine } from "@/formats/wire/verdict-line";
import { viewToOuting } from "@/formats/wire/view-to-outing";

/** An outing with the range around its deciding sit. */
export type Judged = { readonly result: OutingResult; readonly range: MinutesRange };

/** Lets other requests be heard between two members of a range. */
const nextTurn = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

async function rangeInTurns(outing: Outing, sit: number): Promise<MinutesRange> {
  const members = new RangeInParts(outing, sit).members(0, RANGE_MEMBERS);
  for (;;) {
    const step: IteratorResult<unknown, RangeMembers> = members.next();
    if (step.done) return rangeOf(outing, [step.value]);
    await nextTurn();
  }
}

/** Simulates an outing and its range, a member at a time. @throws {CoreError} where its figures leave what can be computed */
export async function judgeOuting(outing: Outing): Promise<Judged> {
  const result = simulateOuting(outing);
  return { result, range: await rangeInTurns(outing, result.decidingSit) };
}

/** The verdict of a view; `null` where its figures leave what can be computed, which the sheet itself says why. */
export async function judgeView(view: OutingView): Promise<VerdictLine | null> {
  try {
    const { result, range } = await judgeOuting(viewToOuting(view));
    return verdictLine(result, range);
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}
