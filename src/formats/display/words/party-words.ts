import * as m from "@/messages";
import { instantAt } from "../../outing-file/to-outing";
import type { OutingLine, VerdictLine } from "../../wire/outing/outing-view";
import { clockText } from "../time";
import { limitWords } from "./limit-words";

/** A sitter of a party with their verdict as it stands. */
export type Sitting = Pick<OutingLine, "id" | "personName" | "verdict" | "isRecomputing">;

/** Minute of the outing at which a sitter has to leave; `null` where nothing ends it. */
const leavesAt = (verdict: VerdictLine | null): number | null =>
  verdict === null || verdict.kind === "longerThan" ? null : verdict.sitFromMinute + verdict.minutesStill;

/** Whoever has to leave first; `null` where nothing ends anybody's sit. */
export function weakest(party: readonly Sitting[]): Sitting | null {
  return party.reduce<Sitting | null>((first, own) => {
    const [minute, before] = [leavesAt(own.verdict), first && leavesAt(first.verdict)];
    if (minute === null) return first;
    return before === null || minute < before ? own : first;
  }, null);
}

/** When the party leaves: when the first of them must. */
export function partyWords(party: readonly Sitting[], startsAt: string, timeZone: string): string {
  const first = weakest(party);
  const minute = first && leavesAt(first.verdict);
  if (!first?.verdict || minute === null) return m.nothingThatWasLookedAtEnds;
  const { limit, part, side } = first.verdict;
  const what = limit ? limitWords(limit, { part: part ?? "body", side }) : "";
  return m.thePartyLeavesWhenItsFirst({
    personName: first.personName,
    what,
    instantAt: clockText(instantAt(startsAt, minute), timeZone),
  });
}
