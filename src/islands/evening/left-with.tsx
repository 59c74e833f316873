import * as m from "@/messages";
import { PREPARATION_RANGE } from "@/core/evening";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { leaveWith, tellPlace } from "@/stores/sheet/preparation";
import { NumberField } from "../fields/number-field";
import { TextField } from "../fields/text-field";

const USUAL_ALARM_MIN = 60;

/** Who knows of the outing, and whether the card tells where it is. */
export function LeftWithFields({ view }: { readonly view: OutingView }) {
  const { leftWith, tellsPlace = false } = view.plan;
  const now = leftWith ?? { name: "", reachedBy: "", alarmAfterMinutes: USUAL_ALARM_MIN };
  const change = (part: Partial<typeof now>): void => {
    const next = { ...now, ...part };
    leaveWith(next.name.trim() === "" ? undefined : next);
  };
  const [low, high] = PREPARATION_RANGE.alarmAfterMinutes;
  return (
    <section aria-labelledby="left-with" className="no-print">
      <h2 id="left-with" className="text-xl font-semibold">
        {m.planLeftWith}
      </h2>
      <p className="text-muted text-sm">{m.somebodyWhoKnowsWhereYouAre}</p>
      <div className="flex flex-wrap gap-4 pt-2">
        <TextField label={m.name} value={now.name} onChange={(name) => change({ name })} />
        {leftWith && (
          <>
            <TextField label={m.reachedBy} value={now.reachedBy} onChange={(reachedBy) => change({ reachedBy })} />
            <NumberField
              label={m.callsForHelpAfterThePlanned}
              unit={m.min2}
              value={now.alarmAfterMinutes}
              low={low}
              high={high}
              step={15}
              decimals={0}
              onChange={(alarmAfterMinutes) => change({ alarmAfterMinutes: Math.round(alarmAfterMinutes) })}
            />
          </>
        )}
      </div>
      <label className="flex min-h-9 cursor-pointer items-center gap-3 pt-2">
        <input
          type="checkbox"
          className="size-6"
          checked={tellsPlace}
          onChange={(event) => tellPlace(event.target.checked)}
        />
        <span>{m.showTheCoordinatesOnTheField}</span>
      </label>
    </section>
  );
}
