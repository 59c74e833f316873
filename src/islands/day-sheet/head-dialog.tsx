import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect, useState, type FormEvent } from "react";
import { daysBetween, instantOf, localText } from "@/formats/local-time";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { changeHead, fetchPeopleAndPlaces, removeOuting } from "@/stores/outing-head";
import { $save } from "@/stores/saving/saving";
import { Dialog } from "../page/dialog";
import { ChoiceField } from "../fields/choice-field";
import { TextField } from "../fields/text-field";
import { TimeInput } from "../fields/time-input";
import { Problem } from "../fields/problem";

type Props = { readonly view: OutingView; readonly isOpen: boolean; readonly onClose: () => void };
type Choices = Awaited<ReturnType<typeof fetchPeopleAndPlaces>>;

type Offered = { readonly id: string; readonly name: string; readonly retired: boolean };
const optionsOf = (rows: readonly Offered[], own: Omit<Offered, "retired">): [string, string][] => [
  [own.id, own.name],
  ...rows.filter(({ id, retired }) => id !== own.id && !retired).map(({ id, name }): [string, string] => [id, name]),
];

/** What the outing is called, when, who and where; and taking it off the list. */
export function HeadDialog({ view, isOpen, onClose }: Props) {
  const { timeZone } = view.place;
  const save = useStore($save);
  const [choices, setChoices] = useState<Choices>({ people: [], places: [] });
  const [name, setName] = useState(view.name);
  const [startsAt, setStartsAt] = useState(localText(view.startsAt, timeZone));
  const [personId, setPersonId] = useState(view.person.id);
  const [placeId, setPlaceId] = useState(view.place.id);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    fetchPeopleAndPlaces().then(setChoices, (error: Error) => setProblem(error.message));
  }, []);
  const instant = instantOf(startsAt, timeZone);
  const isOtherDay = instant !== null && daysBetween(view.startsAt, instant, timeZone) !== 0;
  const isMoved = placeId !== view.place.id;
  const isOther = personId !== view.person.id;
  const attempt = async (work: () => Promise<void>): Promise<void> => {
    setProblem(null);
    try {
      await work();
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const keep = (event: FormEvent): void => {
    event.preventDefault();
    if (name.trim() === "") return setProblem(m.giveTheOutingAName);
    if (instant === null) return setProblem(m.giveADateAndATime);
    if (save.kind !== "saved") return setProblem(m.theSheetIsStillBeingSaved);
    void attempt(() =>
      changeHead(view.id, { version: view.version, name: name.trim(), startsAt: instant, personId, placeId }),
    );
  };
  return (
    <Dialog title={m.nameDayWhoAndWhere} isOpen={isOpen} onClose={onClose}>
      <form className="flex flex-col gap-3" onSubmit={keep} noValidate>
        <TextField label={m.name} value={name} onChange={setName} />
        <TimeInput
          label={m.startsByTheClockOf({ replaceAll: timeZone.replaceAll("_", " ") })}
          type="datetime-local"
          value={startsAt}
          onChange={setStartsAt}
        />
        <div className="flex flex-wrap gap-4">
          <ChoiceField
            label={m.whoSits}
            value={personId}
            options={optionsOf(choices.people, view.person)}
            onChange={setPersonId}
          />
          <ChoiceField
            label={m.where}
            value={placeId}
            options={optionsOf(choices.places, view.place)}
            onChange={setPlaceId}
          />
        </div>
        <div role="status">
          <ul className="text-muted text-sm">
            {isOtherDay && <li>{m.theHoursOfWeatherGoAlong}</li>}
            {isMoved && <li>{m.shelterGroundAndTheWayThere}</li>}
            {isOther && <li>{m.piecesOfTheSameNameIn}</li>}
            {(isOtherDay || isMoved || isOther) && <li>{m.undoDoesNotGoBackBeyond}</li>}
            {view.partyId && (isOtherDay || isMoved) && <li>{m.everybodyWhoGoesAlongGoesAlong}</li>}
          </ul>
        </div>
        <Problem words={problem} />
        <div className="flex flex-wrap justify-between gap-3">
          <button type="submit" className="press border-accent border-2 font-semibold">
            {m.keep}
          </button>
          <button type="button" className="press" onClick={() => void attempt(() => removeOuting(view.id))}>
            {m.removeThisOuting}
          </button>
        </div>
      </form>
    </Dialog>
  );
}
