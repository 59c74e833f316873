import { quantityText } from "@/formats/display/quantities";
import { memo } from "react";
import { overheatingOf, sweatOnArrival, type SweatStep } from "@/core/opinion";
import type { OutingResult } from "@/core/simulation";
import { durationText } from "@/formats/display/time";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { drawnFrom } from "../drawn-from";

type Props = { readonly view: OutingView; readonly result: OutingResult | null };

const SWEAT_WORDS: Readonly<Record<SweatStep, string>> = { damp: "Damp", wet: "Wet", soaked: "Soaked" };

function AllCautions({ view, result }: Props) {
  const sweat = result && sweatOnArrival(result);
  const hot = result && overheatingOf(result);
  return (
    <section aria-label="Cautions" className="border-line text-muted border-t pt-3 text-sm">
      <p>
        An estimate for planning, not a promise. Go in at once when skin turns white or numb, when shivering cannot be
        stopped or hands grow clumsy: a cold head judges badly, so fix the time to leave beforehand.
      </p>
      {sweat && (
        <p className="text-rust-text mt-2 font-semibold">
          {SWEAT_WORDS[sweat.step]} on arrival: the layers of the trunk hold {quantityText("areal", sweat.gPerM2)} of
          sweat. Carry more and wear less on the way, go slower, or change the shirt and hat when you are there.
        </p>
      )}
      {hot && (
        <p className="text-rust-text mt-2 font-semibold" data-testid="overheating">
          Too hot: the core reaches {quantityText("temperature", hot.trunkC, 1)} {durationText(hot.minute)} after the
          start. Wear less, open up or go slower there; stop and cool down when you feel dizzy or sick.
        </p>
      )}
      {view.setting.ground === "ice" && (
        <p className="mt-2">
          Ice: this program does not judge whether it carries. Measure it, go by local rules, keep dry spare clothes and
          claws at hand.
        </p>
      )}
      {view.setting.seatHeightM > 0 && (
        <p className="mt-2">Raised seat: harness on and tied from the ground up; follow the rules of its maker.</p>
      )}
      <p className="mt-2">
        Never burn anything in a closed hide. Heat packs never lie on bare skin, never under what presses, never on a
        sleeper: skin that is numb does not feel a burn.
      </p>
    </section>
  );
}

/** The usual cautions, always on the sheet. */
export const Cautions = memo(AllCautions, drawnFrom<Props>("setting"));
