import { CoreError } from "@/core/errors";
import { goOrStay, standardOpinion } from "@/core/opinion";
import type { Database } from "@/db";
import type { FieldCard } from "@/formats/wire/field-card";
import { verdictLine } from "@/formats/wire/verdict-line";
import { viewToOuting } from "@/formats/wire/view-to-outing";
import { LOCAL_OWNER_ID } from "../access";
import { AppError } from "../app-error";
import { database } from "../composition";
import { refused, type Refused } from "../http/refused";
import { judgeOuting } from "../outings/judge";
import { openOuting } from "../outings/open-outing";

/**
 * What the card of an outing tells.
 * @throws {AppError} `not-found`, `bad-input` where the plan cannot be computed
 */
export async function fieldCardOf(from: Database, ownerId: string, outingId: string): Promise<FieldCard> {
  const view = await openOuting(from, ownerId, outingId);
  const outing = viewToOuting(view);
  try {
    const { result, range } = await judgeOuting(outing);
    const { low, high } = range;
    const sit = result.sits[result.decidingSit]!;
    const verdict = verdictLine(result, range);
    return {
      view,
      verdict,
      range: { low, high },
      advice: goOrStay(sit, standardOpinion(outing, sit)),
      sit: {
        fromMinute: sit.fromMinute,
        toMinute: sit.toMinute,
        endMinutes: verdict.kind === "longerThan" ? null : verdict.minutesStill,
        lowMinutes: low.kind === "longerThan" ? null : low.minutes,
      },
    };
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    throw new AppError("bad-input", `This outing cannot be computed as planned: ${error.message}. Open its day sheet.`);
  }
}

export async function cardForPage(
  outingId: string,
): Promise<{ readonly kind: "found"; readonly card: FieldCard } | Refused> {
  try {
    return { kind: "found", card: await fieldCardOf(database(), LOCAL_OWNER_ID, outingId) };
  } catch (error) {
    return refused(error);
  }
}
