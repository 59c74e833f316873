import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import type { Preferences } from "@/formats/display/preferences";
import type { TripView } from "@/formats/wire/trips/trip-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import {
  $chosen,
  $dressing,
  $wishes,
  beginDressing,
  choose,
  startDressing,
  stopDressing,
  warmUpDresser,
  type Dressing,
} from "@/stores/dresser/dresser";
import type { Companion } from "@/stores/dresser/lending";
import { $preferences } from "@/stores/preferences";
import { keepSaved, openSheet } from "@/stores/saving/saving";
import { $view } from "@/stores/sheet/day-sheet";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { CannotBeDone } from "./cannot-be-done";
import { ReadyOfTrip } from "./ready-of-trip";
import { FrontPicture } from "./front-picture";
import { FrontTable } from "./front-table";
import { OutfitDetail } from "./outfit-detail";
import { WishesForm } from "./wishes-form";

/** Who comes from planning wants to be dressed at once. */
const DRESS_NOW = "#now";

type Props = {
  readonly initial: OutingView;
  /** Others who sit at the same outing, each with a kit of their own. */
  readonly others: readonly Companion[];
  /** The trip it is dressed as a day of. */
  readonly trip: TripView | null;
  readonly preferences: Preferences;
};

/** What to wear: wishes, the few outfits that last longest for what they weigh, and the one looked at. */
function Dresser({ initial, others, trip, preferences: fromCookie }: Props) {
  useInitially(() => {
    $preferences.set(fromCookie);
    $view.set(initial);
    beginDressing(initial, trip);
  });
  useEffect(() => {
    openSheet(initial);
    if (window.location.hash === DRESS_NOW) void startDressing();
    else warmUpDresser(initial);
    return keepSaved(initial);
  }, [initial]);
  const view = useStore($view) ?? initial;
  const dressing = useStore($dressing);
  const isSearching = dressing.kind === "searching";
  return (
    <OnceAlive>
      <div className="flex flex-col gap-4 pt-4">
        <div>
          <h1 className="text-2xl font-semibold">{m.dresserFor({ name: view.name })}</h1>
          <p className="text-muted max-w-prose text-sm">
            {view.person.name}. {m.dresserSays}{" "}
            <a href={`/outings/${view.id}`} className="underline">
              {m.backToSheet}
            </a>
          </p>
        </div>
        <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[18rem_minmax(0,1fr)]">
          <section aria-labelledby="wishes" className="no-print flex flex-col gap-3">
            <h2 id="wishes" className="font-semibold">
              {m.dresserWishes}
            </h2>
            {trip && <ReadyOfTrip trip={trip} view={view} />}
            <WishesForm view={view} companions={others} />
            <div className="flex flex-wrap gap-3">
              <button
                type="button"
                className="press border-accent border-2 font-semibold"
                disabled={isSearching}
                onClick={() => void startDressing()}
              >
                {dressing.kind === "found" ? m.dressMeAnew : m.dressMe}
              </button>
              {isSearching && (
                <button type="button" className="press" onClick={stopDressing}>
                  {m.stopSearching}
                </button>
              )}
            </div>
            <EmptyKit view={view} />
            {others.length > 0 && (
              <nav aria-label={m.othersOfParty}>
                <ul>
                  {others.map(({ id, personName }) => (
                    <li key={id}>
                      <a href={`/outings/${id}/dress`} className="underline">
                        {m.dressOther({ name: personName })}
                      </a>
                    </li>
                  ))}
                </ul>
              </nav>
            )}
          </section>
          <Found view={view} dressing={dressing} />
        </div>
      </div>
    </OnceAlive>
  );
}

/** Nothing to choose from: generic pieces first. */
function EmptyKit({ view }: { readonly view: OutingView }) {
  const wishes = useStore($wishes);
  if (view.kit.length > 0 || wishes.mostCostMinor !== null) return null;
  return (
    <div className="flex flex-col gap-2">
      <p>{m.kitTooSmall}</p>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="press"
          onClick={() => $wishes.set({ ...wishes, mostCostMinor: GENERICS_MINOR })}
        >
          {m.letGenericsIn}
        </button>
        <a className="press" href={`/kit?person=${view.person.id}`}>
          {m.toYourKit}
        </a>
      </div>
    </div>
  );
}
/** Enough for a whole outfit of generic pieces (assumption). */
const GENERICS_MINOR = 300_000;

function statusWords(dressing: Dressing): string {
  if (dressing.kind === "impossible") return dressing.message;
  if (dressing.kind === "found") return m.outfitsSimulated({ simulated: dressing.answer.simulated });
  if (dressing.kind === "asked") return "";
  const { progress } = dressing;
  return progress && progress.simulated >= progress.budget
    ? m.lookingClosely
    : m.searchingOutfits({ simulated: progress?.simulated ?? 0, budget: progress?.budget ?? 0 });
}

function Found({ view, dressing }: { readonly view: OutingView; readonly dressing: Dressing }) {
  const chosen = useStore($chosen);
  const wishes = useStore($wishes);
  const answer = dressing.kind === "found" ? dressing.answer : null;
  const front = answer?.front ?? (dressing.kind === "searching" ? (dressing.progress?.front ?? []) : []);
  const outfit = answer && chosen !== null ? answer.outfits[chosen] : undefined;
  return (
    <div className="flex min-w-0 flex-col gap-4" aria-busy={dressing.kind === "searching"}>
      <p role="status" className={dressing.kind === "impossible" ? "text-cranberry" : "text-muted text-sm"}>
        {statusWords(dressing)}
      </p>
      {answer && answer.outfits.length === 0 && <p>{m.noOutfitFits}</p>}
      {front.length > 0 && (
        <section aria-labelledby="front" className="flex flex-col gap-2">
          <h2 id="front" className="font-semibold">
            {m.frontOfOutfits}
          </h2>
          <FrontPicture
            outfits={answer?.outfits ?? []}
            front={front}
            wantedMinutes={answer ? answer.wantedMinutes : wishes.wantedMinutes}
            chosen={chosen}
            onChoose={choose}
          />
          {answer && (
            <details>
              <summary className="cursor-pointer font-semibold">{m.inFigures}</summary>
              <FrontTable outfits={answer.outfits} chosen={chosen} onChoose={choose} />
            </details>
          )}
        </section>
      )}
      {answer && !answer.canBeDone && answer.outfits.length > 0 && <CannotBeDone answer={answer} />}
      {outfit && dressing.kind === "found" && (
        <OutfitDetail view={view} problem={dressing.problem} outfit={outfit} turn={chosen!} />
      )}
    </div>
  );
}

export default guarded(Dresser);
