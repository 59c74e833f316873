import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import type { DresserAnswer } from "@/core/dresser";
import { countedOn } from "@/core/dresser";
import { durationText } from "@/formats/display/time";
import { relaxationWords } from "@/formats/display/words/dresser-words";
import { endsItWords } from "@/formats/display/words/limit-words";
import { $relaxations, $wishes } from "@/stores/dresser/dresser";

/** No outfit does what is wanted: which limit binds, how far one gets, and what would do. */
export function CannotBeDone({ answer }: { readonly answer: DresserAnswer }) {
  const relaxations = useStore($relaxations);
  const { sureShare } = useStore($wishes);
  const warmest = answer.outfits.find(({ picks }) => picks.includes("warmest")) ?? answer.outfits.at(-1)!;
  const { endedBy } = warmest;
  if (!endedBy) return null;
  return (
    <div role="status" className="border-rust border-l-4 pl-3" data-testid="cannot">
      <p>
        {m.cannotBeDone({
          ends: endsItWords(endedBy.limit, endedBy.place),
          duration: durationText(countedOn(warmest, sureShare).minutes),
        })}
      </p>
      <ul className="pt-1">
        {(relaxations ?? []).map((relaxation, index) => (
          <li key={index}>
            {relaxationWords(relaxation)}{" "}
            <span className="text-muted text-sm">
              {relaxation.gainedMinutes > 0 && m.relaxGains({ minutes: relaxation.gainedMinutes })}
              {relaxation.isEnough && ` · ${m.relaxEnough}`}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
