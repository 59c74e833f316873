import * as m from "@/messages";
import { useEffect, useState, type ReactNode } from "react";
import {
  FELT_PARTS,
  FELT_RANGE,
  NOTHING_SAID,
  VOTES,
  DAMP_AT,
  ENDINGS,
  type DampAt,
  type Felt,
  type FeltPart,
} from "@/core/logbook";
import type { Preferences } from "@/formats/display/preferences";
import { quantityText } from "@/formats/display/quantities";
import { clockText, dateText, durationText } from "@/formats/display/time";
import { DAMP_WORDS, ENDING_WORDS, FELT_PART_WORDS, VOTE_WORDS } from "@/formats/display/words/logbook-words";
import { verdictWords } from "@/formats/display/words/sheet-words";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import type { LogbookEntry } from "@/formats/wire/logbook/logbook-view";
import type { OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import { forgetNote, sendUnsent, tellNote, unsentNotes } from "@/stores/logbook/note";
import { messageOf } from "@/stores/message-of";
import { $preferences } from "@/stores/preferences";
import { Chips } from "../fields/chips";
import { NumberField } from "../fields/number-field";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { NotePhoto } from "./note-photo";
import { PastSit } from "./past-sit";

type Props = {
  readonly view: OutingView;
  readonly verdict: VerdictLine | null;
  /** As it was told before, with the outing as it was then; `null` the first time. */
  readonly told: { readonly entry: LogbookEntry; readonly file: OutingFile } | null;
  readonly preferences: Preferences;
};

const NOTHING = "";
/** Most sits are told of in steps of five minutes; the arrows go by them. */
const STEP_MINUTES = 5;
type Told = { readonly words: string; readonly isProblem: boolean };

/** After the sit: how long, what got cold, what else; one figure is enough, by buttons for gloves. */
function NoteForm({ view, verdict, told: toldBefore, preferences }: Props) {
  useInitially(() => $preferences.set(preferences));
  const before = toldBefore?.entry.felt ?? null;
  const predicted = toldBefore ? toldBefore.entry.predicted : verdict;
  const [minutes, setMinutes] = useState<number | null>(before?.minutes ?? null);
  const [felt, setFelt] = useState<Omit<Felt, "minutes">>(before ?? NOTHING_SAID);
  const [told, setTold] = useState<Told | null>(null);
  /** Whether the server has it, or the browser until then. */
  const [isKept, setIsKept] = useState(before !== null);
  const [isHere, setIsHere] = useState(false);
  useEffect(() => {
    const unsent = unsentNotes(window.localStorage)[view.id];
    if (unsent) {
      setMinutes(unsent.minutes);
      setFelt(unsent);
      setIsHere(true);
      setTold({ words: m.logbookKeptHere, isProblem: false });
    }
    const send = (): void => {
      const isWaiting = (): boolean => unsentNotes(window.localStorage)[view.id] !== undefined;
      const waited = isWaiting();
      void sendUnsent(window.localStorage).then(() => {
        if (!waited || isWaiting()) return;
        setIsHere(false);
        setIsKept(true);
      });
    };
    window.addEventListener("online", send);
    send();
    return () => window.removeEventListener("online", send);
  }, [view.id]);
  const set = (change: Partial<Felt>): void => {
    setTold(null);
    setFelt({ ...felt, ...change });
  };
  const keep = async (): Promise<void> => {
    if (minutes === null) return setTold({ words: m.logbookSayHowLong, isProblem: true });
    try {
      const how = await tellNote(view.id, { ...NOTHING_SAID, ...felt, minutes }, window.localStorage);
      setIsKept(how === "sent");
      setIsHere(how === "kept");
      setTold({ words: how === "sent" ? m.logbookKept : m.logbookKeptHere, isProblem: false });
    } catch (error) {
      setTold({ words: messageOf(error), isProblem: true });
    }
  };
  const forget = async (): Promise<void> => {
    try {
      await forgetNote(view.id);
      setIsKept(false);
      setMinutes(null);
      setFelt(NOTHING_SAID);
      setTold({ words: m.logbookForgotten, isProblem: false });
    } catch (error) {
      setTold({ words: messageOf(error), isProblem: true });
    }
  };
  const setPart = (part: FeltPart, change: { vote?: string; coldAfterMinutes?: number | null }): void => {
    const { [part]: own, ...others } = felt.parts;
    const vote = VOTES.find((known) => known === (change.vote ?? own?.vote));
    const coldAfterMinutes =
      change.coldAfterMinutes === undefined ? (own?.coldAfterMinutes ?? null) : change.coldAfterMinutes;
    set({ parts: vote ? { ...others, [part]: { vote, coldAfterMinutes } } : others });
  };
  return (
    <OnceAlive>
      <form
        className="mx-auto flex max-w-[46rem] flex-col gap-6 pt-5"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <div>
          <h1 className="text-2xl font-semibold">{m.logbookHowWasIt}</h1>
          <p className="text-muted">
            <a className="underline" href={`/outings/${view.id}`}>
              {view.name}
            </a>{" "}
            · {view.place.name} · {view.person.name} · {dateText(view.startsAt, view.place.timeZone)}{" "}
            {clockText(view.startsAt, view.place.timeZone)}
          </p>
          {predicted && <p>{m.logbookPredictedWas({ words: verdictWords(predicted) })}</p>}
        </div>
        <div className="flex flex-wrap items-end gap-4">
          <NumberField
            label={m.logbookHowLong}
            unit={m.min2}
            value={minutes}
            low={FELT_RANGE.minutes[0]}
            high={FELT_RANGE.minutes[1]}
            step={STEP_MINUTES}
            decimals={0}
            onChange={(own) => {
              setTold(null);
              setMinutes(own);
            }}
          />
          {verdict && (
            <button type="button" className="press min-h-12" onClick={() => setMinutes(verdict.plannedMinutes)}>
              {m.logbookAsPlanned}
            </button>
          )}
        </div>
        <Big>
          <Chips
            label={m.logbookWhyEnded}
            value={felt.ended ?? NOTHING}
            options={ENDINGS.map((own) => [own, ENDING_WORDS[own]] as const)}
            onChange={(own) => set({ ended: ENDINGS.find((known) => known === own) ?? null })}
          />
          <Chips
            label={m.logbookWhatFirst}
            value={felt.first ?? NOTHING}
            options={[[NOTHING, m.logbookNothing], ...FELT_PARTS.map((own) => [own, FELT_PART_WORDS[own]] as const)]}
            onChange={(own) => set({ first: FELT_PARTS.find((known) => known === own) ?? null })}
          />
        </Big>
        <section aria-labelledby="votes" className="flex flex-col gap-4">
          <h2 id="votes" className="text-lg font-semibold">
            {m.logbookVotes}
          </h2>
          <p className="text-muted text-sm">{m.logbookVotesSay}</p>
          {FELT_PARTS.map((part) => {
            const own = felt.parts[part];
            return (
              <Big key={part}>
                <Chips
                  label={FELT_PART_WORDS[part]}
                  value={own?.vote ?? NOTHING}
                  options={[[NOTHING, m.logbookNotSaid], ...VOTES.map((vote) => [vote, VOTE_WORDS[vote]] as const)]}
                  onChange={(vote) => setPart(part, { vote })}
                />
                {own && (
                  <ColdAfter
                    part={part}
                    minutes={own.coldAfterMinutes}
                    onChange={(coldAfterMinutes) => setPart(part, { coldAfterMinutes })}
                  />
                )}
              </Big>
            );
          })}
        </section>
        <Damp at={felt.dampAt} onChange={(dampAt) => set({ dampAt })} />
        <div className="flex flex-col items-start gap-2">
          <div className="w-full">
            <Words label={m.logbookChanged} value={felt.changed} onChange={(changed) => set({ changed })} />
          </div>
          {felt.changed === "" && (
            <button type="button" className="press" onClick={() => set({ changed: plannedWords(view) })}>
              {m.logbookAsOnSheet}
            </button>
          )}
        </div>
        <Words label={m.logbookWentRight} value={felt.wentRight} onChange={(wentRight) => set({ wentRight })} />
        <Words label={m.logbookWords} value={felt.words} onChange={(words) => set({ words })} />
        <div className="flex flex-wrap items-center gap-3">
          <button type="submit" className="press border-accent min-h-12 px-6 text-lg">
            {m.logbookKeep}
          </button>
          <a className="press inline-flex min-h-12 items-center" href="/logbook">
            {m.logbookTitle}
          </a>
          {isKept && (
            <button type="button" className="press min-h-12" onClick={() => void forget()}>
              {m.logbookForget}
            </button>
          )}
          <p role={told?.isProblem ? "alert" : "status"} className={told?.isProblem ? "text-cranberry" : "text-muted"}>
            {told?.words ?? ""}
          </p>
        </div>
      </form>
      {(isKept || isHere) && (
        <NotePhoto outingId={view.id} isNoteSent={isKept} hasPhoto={toldBefore?.entry.hasPhoto ?? false} />
      )}
      {isKept && toldBefore && <PastSit {...toldBefore} />}
    </OnceAlive>
  );
}

/** What the sheet says of weather, walk and clothes, to be mended where it was otherwise. */
function plannedWords({ weather, phases, wearings, kit }: OutingView): string {
  const worn = new Set(wearings.map(({ pieceId }) => pieceId));
  const walk = phases.reduce((sum, { kind, minutes }) => (kind === "walkIn" ? sum + minutes : sum), 0);
  const pieces = kit.flatMap(({ id, name }) => (worn.has(id) ? [name] : [])).join(", ");
  const air = quantityText("temperature", weather[0]?.airTemperatureC ?? 0, 0);
  const wind = quantityText("wind", weather[0]?.windMPerS ?? 0, 0);
  const planned = m.logbookPlanned({ air, wind, walk: durationText(walk), pieces });
  return planned.slice(0, FELT_RANGE.letters);
}

/** Buttons that gloves can press. */
const Big = ({ children }: { readonly children: ReactNode }) => (
  <div className="flex flex-col gap-4 [&_.press]:inline-flex [&_.press]:min-h-12 [&_.press]:min-w-12 [&_.press]:items-center [&_.press]:justify-center">
    {children}
  </div>
);

type ColdAfterProps = {
  readonly part: FeltPart;
  readonly minutes: number | null;
  readonly onChange: (minutes: number | null) => void;
};

/** When a part was first cold, if anybody looked at the clock. */
function ColdAfter({ part, minutes, onChange }: ColdAfterProps) {
  if (minutes === null)
    return (
      <button type="button" className="press self-start" onClick={() => onChange(0)}>
        {m.logbookSayWhen({ part: FELT_PART_WORDS[part] })}
      </button>
    );
  return (
    <div className="flex flex-wrap items-end gap-3">
      <NumberField
        label={m.logbookColdAfter({ part: FELT_PART_WORDS[part] })}
        unit={m.min2}
        value={minutes}
        low={FELT_RANGE.minutes[0]}
        high={FELT_RANGE.minutes[1]}
        step={STEP_MINUTES}
        decimals={0}
        onChange={onChange}
      />
      <button type="button" className="press" onClick={() => onChange(null)}>
        {m.logbookNotKnownWhen}
      </button>
    </div>
  );
}

function Damp({ at, onChange }: { readonly at: readonly DampAt[]; readonly onChange: (at: DampAt[]) => void }) {
  return (
    <fieldset>
      <legend className="text-muted pb-1 text-sm">{m.logbookDamp}</legend>
      <div className="flex flex-wrap gap-2">
        {DAMP_AT.map((own) => (
          <button
            key={own}
            type="button"
            className={`press min-h-12 ${at.includes(own) ? "border-accent border-2 font-semibold" : ""}`}
            aria-pressed={at.includes(own)}
            onClick={() => onChange(at.includes(own) ? at.filter((known) => known !== own) : [...at, own])}
          >
            {DAMP_WORDS[own]}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

type WordsProps = { readonly label: string; readonly value: string; readonly onChange: (value: string) => void };

const Words = ({ label, value, onChange }: WordsProps) => (
  <label className="flex flex-col gap-1">
    <span className="text-muted text-sm">{label}</span>
    <textarea
      className="field min-h-16"
      value={value}
      maxLength={FELT_RANGE.letters}
      onChange={(event) => onChange(event.target.value)}
    />
  </label>
);

export default guarded(NoteForm);
