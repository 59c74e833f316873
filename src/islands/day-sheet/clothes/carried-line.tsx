import * as m from "@/messages";
import { loadText } from "@/formats/display/quantities";
import { totalMinutes } from "@/core/outing";
import { memo } from "react";
import { carriedAt } from "@/core/dressing";
import { plainNumber } from "@/formats/display/numbers";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { drawnFrom } from "../drawn-from";

type Props = { readonly view: OutingView; readonly minute: number };

/** At its end an outing is over: what was worn to the end is worn in its last minute. */

function Carried({ view, minute }: Props) {
  const { wornG, packG, packL, unknownMass } = carriedAt(
    view.kit,
    view.wearings,
    Math.min(minute, totalMinutes(view.phases) - 1),
  );
  if (view.wearings.length === 0) return null;
  return (
    <p className="text-muted bg-ground relative py-0.5 text-xs" data-testid="carried">
      {m.atThisMinuteWorn} {loadText(wornG)} {m.inThePack2} {loadText(packG)}
      {m.aboutPart} {plainNumber(packL, 0)} {m.lWords}
      {unknownMass > 0 && m.withoutAKnownMass({ unknownMass })}
      <span className="max-sm:hidden"> {m.barWornDotsCarried}</span>
    </p>
  );
}

/** What is worn and what is in the pack at the minute read out. */
export const CarriedLine = memo(Carried, drawnFrom<Props>("kit", "wearings", "phases"));
