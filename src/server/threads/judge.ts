import { CoreError } from "@/core/errors";
import { goOrStay, standardOpinion } from "@/core/opinion";
import { simulateOuting } from "@/core/simulation";
import type { Outing } from "@/core/outing";
import { minutesRange } from "@/core/range";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import { toOuting } from "@/formats/outing-file/to-outing";
import type { OutingFigures } from "@/formats/wire/evening/field-card";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { verdictLine } from "@/formats/wire/outing/verdict-line";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";

/** What an outing comes to; `null` where its figures leave what can be computed, which the sheet itself says why. */
export type Judgement = OutingFigures | null;

function figuresOf(outing: Outing): OutingFigures {
  const result = simulateOuting(outing);
  const range = minutesRange(outing, result.decidingSit);
  const { low, high } = range;
  const sit = result.sits[result.decidingSit]!;
  const verdict = verdictLine(result, range);
  return {
    verdict,
    range: { low, high },
    advice: goOrStay(sit, standardOpinion(outing, sit), verdict.minutesStill - verdict.plannedMinutes),
    sit: {
      fromMinute: sit.fromMinute,
      toMinute: sit.toMinute,
      endMinutes: verdict.kind === "longerThan" ? null : verdict.minutesStill,
      lowMinutes: low.kind === "longerThan" ? null : low.minutes,
    },
  };
}

/** Simulates a view and its range: a quarter of a second and more, for a thread of its own. */
export const judge = (view: OutingView): Judgement => judged(() => viewToOuting(view));

/** The same of an outing as a file has it. */
export const judgeFile = (file: OutingFile): Judgement => judged(() => toOuting(file));

function judged(outingOf: () => Outing): Judgement {
  try {
    return figuresOf(outingOf());
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}
