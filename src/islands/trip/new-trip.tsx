import * as m from "@/messages";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import { NIGHT_KINDS, TRIP_RANGE, USUAL_NIGHT, type NightKind } from "@/core/trip";
import { instantOf, localText } from "@/formats/local-time";
import { NIGHT_WORDS } from "@/formats/display/words/trip-words";
import { ask } from "@/stores/ask";
import { messageOf } from "@/stores/message-of";
import { CheckField } from "../fields/check-field";
import { ChoiceField } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";
import { Problem } from "../fields/problem";
import { TextField } from "../fields/text-field";
import { TimeInput } from "../fields/time-input";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";

type Props = {
  readonly outings: readonly {
    readonly id: string;
    readonly words: string;
    readonly startsAt: string;
    readonly timeZone: string;
  }[];
  readonly mostDays: number;
};

const USUAL_DAYS = 3;
/** An evening after a morning (assumption). */
const USUAL_AGAIN_HOURS = 9;

/** A trip from one outing, again on so many days, or from those there are. */
function NewTrip({ outings, mostDays }: Props) {
  const [name, setName] = useState("");
  const [outingId, setOutingId] = useState(outings[0]!.id);
  const [days, setDays] = useState(USUAL_DAYS);
  const [others, setOthers] = useState<ReadonlySet<string>>(new Set());
  const [startsAt, setStartsAt] = useState<string | null>(null);
  const [againAfterHours, setAgainAfterHours] = useState<number | null>(null);
  const [byForecast, setByForecast] = useState(false);
  const [kind, setKind] = useState<NightKind>("heatedHut");
  const [problem, setProblem] = useState<string | null>(null);
  const outing = outings.find(({ id }) => id === outingId)!;
  const make = async (): Promise<void> => {
    if (name.trim() === "") return setProblem(m.tripSayName);
    const instant = startsAt === null ? null : instantOf(startsAt, outing.timeZone);
    if (startsAt !== null && instant === null) return setProblem(m.giveADateAndATime);
    const id = uuid();
    const night = { ...USUAL_NIGHT[kind], how: {} };
    const chosen = [outingId, ...[...others].filter((own) => own !== outingId)];
    const body =
      others.size > 0
        ? { from: "outings", id, name, days: chosen.map((own) => ({ outingId: own, night })) }
        : {
            from: "repeated",
            id,
            name,
            outingId,
            days,
            night,
            byForecast,
            ...(instant !== null && { startsAt: instant }),
            ...(againAfterHours !== null && { againAfterHours }),
          };
    try {
      await ask("/api/trips", "POST", body);
      window.location.assign(`/trips/${id}`);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <OnceAlive>
      <form
        className="flex max-w-3xl flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void make();
        }}
      >
        <TextField label={m.tripName} value={name} onChange={setName} />
        <ChoiceField
          label={m.tripFirstDay}
          value={outingId}
          options={outings.map(({ id, words }) => [id, words] as const)}
          onChange={setOutingId}
        />
        <NumberField
          label={m.tripAgainOn}
          unit={m.tripDays}
          value={days}
          low={2}
          high={mostDays}
          step={1}
          decimals={0}
          onChange={setDays}
        />
        <div className="flex flex-wrap items-end gap-4">
          <CheckField
            label={m.tripOtherDate}
            checked={startsAt !== null}
            onChange={(is) => setStartsAt(is ? localText(outing.startsAt, outing.timeZone) : null)}
          />
          {startsAt !== null && (
            <TimeInput label={m.tripStartsOn} type="datetime-local" value={startsAt} onChange={setStartsAt} />
          )}
          <CheckField label={m.tripByForecast} checked={byForecast} onChange={setByForecast} />
          <CheckField
            label={m.tripTwiceADay}
            checked={againAfterHours !== null}
            onChange={(is) => setAgainAfterHours(is ? USUAL_AGAIN_HOURS : null)}
          />
          {againAfterHours !== null && (
            <NumberField
              label={m.tripAgainAfter}
              unit="h"
              value={againAfterHours}
              low={TRIP_RANGE.againAfterHours[0]}
              high={TRIP_RANGE.againAfterHours[1]}
              step={1}
              decimals={1}
              onChange={setAgainAfterHours}
            />
          )}
        </div>
        <details>
          <summary className="link w-fit">{m.tripOrThese}</summary>
          <ul className="flex flex-col gap-1 pt-2">
            {outings
              .filter(({ id }) => id !== outingId)
              .map(({ id, words }) => (
                <li key={id}>
                  <label className="flex items-center gap-2">
                    <input
                      type="checkbox"
                      className="size-4"
                      checked={others.has(id)}
                      onChange={(event) => {
                        const next = new Set(others);
                        if (event.target.checked) next.add(id);
                        else next.delete(id);
                        setOthers(next);
                      }}
                    />
                    {words}
                  </label>
                </li>
              ))}
          </ul>
        </details>
        <ChoiceField<NightKind>
          label={m.tripWhere}
          value={kind}
          options={NIGHT_KINDS.map((own) => [own, NIGHT_WORDS[own]] as const)}
          onChange={setKind}
        />
        <Problem words={problem} />
        <button type="submit" className="press border-accent self-start border-2 font-semibold">
          {m.tripMake}
        </button>
      </form>
    </OnceAlive>
  );
}

export default guarded(NewTrip);
