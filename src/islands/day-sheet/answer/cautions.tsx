import * as m from "@/messages";
import { quantityText } from "@/formats/display/quantities";
import { memo } from "react";
import { overheatingOf, sweatOnArrival, type SweatStep } from "@/core/opinion";
import type { OutingResult } from "@/core/simulation";
import { durationText } from "@/formats/display/time";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { drawnFrom } from "../drawn-from";

type Props = { readonly view: OutingView; readonly result: OutingResult | null };

const SWEAT_WORDS: Readonly<Record<SweatStep, string>> = { damp: m.damp, wet: m.wet, soaked: m.soaked };

function AllCautions({ view, result }: Props) {
  const sweat = result && sweatOnArrival(result);
  const hot = result && overheatingOf(result);
  return (
    <section aria-label={m.cautions} className="border-line text-muted border-t pt-3 text-sm">
      <p>{m.anEstimateForPlanningNotA}</p>
      {sweat && (
        <p className="text-rust-text mt-2 font-semibold">
          {SWEAT_WORDS[sweat.step]} {m.onArrivalTheLayersOfThe} {quantityText("areal", sweat.gPerM2)}{" "}
          {m.ofSweatCarryMoreAndWear}
        </p>
      )}
      {hot && (
        <p className="text-rust-text mt-2 font-semibold" data-testid="overheating">
          {m.tooHotTheCoreReaches} {quantityText("temperature", hot.trunkC, 1)} {durationText(hot.minute)}{" "}
          {m.afterTheStartWearLessOpen}
        </p>
      )}
      {view.setting.ground === "ice" && <p className="mt-2">{m.iceThisProgramDoesNotJudge}</p>}
      {view.setting.seatHeightM > 0 && <p className="mt-2">{m.raisedSeatHarnessOnAndTied}</p>}
      <p className="mt-2">{m.neverBurnAnythingInAClosed}</p>
    </section>
  );
}

/** The usual cautions, always on the sheet. */
export const Cautions = memo(AllCautions, drawnFrom<Props>("setting"));
