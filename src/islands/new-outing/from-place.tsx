import { MINUTES_PER_HOUR } from "@/core/units";
import { useStore } from "@nanostores/react";
import { useId, useState, type FormEvent } from "react";
import { v7 as uuid } from "uuid";
import type { Ground, Shelter } from "@/core/weather";
import { GROUND_WORDS, SHELTER_WORDS } from "@/formats/display/words/place-words";
import { instantOf } from "@/formats/local-time";
import type { NewOutingBody } from "@/formats/wire/outing/new-outing";
import type { StartingPoints } from "@/formats/wire/outing/starting-points";
import { makeOuting } from "@/stores/new-outing";
import { $preferences } from "@/stores/preferences";
import { ChoiceField, optionsOf } from "../fields/choice-field";
import { LowHighFields, type LowHigh } from "../fields/low-high-fields";
import { NumberField } from "../fields/number-field";
import { TextField } from "../fields/text-field";
import { PersonFields, USUAL_PERSON, type NewPerson } from "./person-fields";

type FromPlaceBody = Extract<NewOutingBody, { from: "place" }>;

const NEW = "new";
const CLOUD: Readonly<Record<string, number | null>> = { unknown: null, clear: 0, broken: 0.5, overcast: 1 };
const CLOUD_WORDS = { unknown: "not known", clear: "clear", broken: "broken", overcast: "overcast" } as const;
const USUAL_DAY: LowHigh = { lowC: -8, highC: -2, windMPerS: 3 };

/** Tomorrow at six by the clock of this device, as a date field wants it. */
function tomorrowAtSix(): string {
  const day = new Date(Date.now() + 86_400_000);
  const two = (value: number): string => String(value).padStart(2, "0");
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}T06:00`;
}

const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || "UTC";

/** Clocks of the world by their IANA names. */
const ZONES: [string, string][] = [...new Set([ownZone(), "UTC", ...Intl.supportedValuesOf("timeZone")])].map(
  (zone) => [zone, zone.replaceAll("_", " ")],
);

/** A person, a place, a day of which low and high are known: enough for a first verdict. */
export function FromPlace({ points }: { readonly points: StartingPoints }) {
  const id = useId();
  const preferences = useStore($preferences);
  const [name, setName] = useState("");
  const [personId, setPersonId] = useState(points.people[0]?.id ?? NEW);
  const [person, setPerson] = useState<NewPerson>(USUAL_PERSON);
  const [placeId, setPlaceId] = useState(points.places[0]?.id ?? NEW);
  const [placeName, setPlaceName] = useState("");
  const [shelter, setShelter] = useState<Shelter>("edgeOfWood");
  const [ground, setGround] = useState<Ground>("snow");
  const [startsAt, setStartsAt] = useState(tomorrowAtSix);
  const [sitHours, setSitHours] = useState(3);
  const [day, setDay] = useState<LowHigh>(USUAL_DAY);
  const [cloud, setCloud] = useState<keyof typeof CLOUD_WORDS>("unknown");
  const [problem, setProblem] = useState<string | null>(null);
  const isNewPlace = placeId === NEW;
  const known = points.places.find((place) => place.id === placeId);
  const [newZone, setNewZone] = useState(ownZone);
  const timeZone = known?.timeZone ?? newZone;

  const lacking = (instant: string | null): string | null => {
    if (personId === NEW && person.name.trim() === "") return "Give the person a name.";
    if (isNewPlace && placeName.trim() === "") return "Give the place a name.";
    if (instant === null) return "Give a date and a time to start.";
    return day.lowC > day.highC ? "The low lies above the high: exchange them." : null;
  };
  const bodyOf = (instant: string): FromPlaceBody => ({
    from: "place",
    id: uuid(),
    name: name.trim() || `${known?.name ?? placeName.trim()}, ${startsAt.slice(0, 10)}`,
    person:
      personId === NEW
        ? { kind: "new", id: uuid(), ...person, name: person.name.trim(), coldHands: false }
        : { kind: "known", id: personId },
    place: known
      ? { kind: "known", id: known.id }
      : {
          kind: "new",
          id: uuid(),
          name: placeName.trim(),
          timeZone,
          setting: { shelter, ground, seatHeightM: 0, snowCover: ground === "snow" },
        },
    startsAt: instant,
    sitMinutes: Math.round(sitHours * MINUTES_PER_HOUR),
    day: { ...day, cloudShare: CLOUD[cloud] ?? null },
  });
  const make = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const instant = instantOf(startsAt, timeZone);
    const lack = lacking(instant);
    setProblem(lack);
    if (lack || !instant) return;
    try {
      await makeOuting(bodyOf(instant));
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <form className="flex flex-col gap-5" onSubmit={(event) => void make(event)} noValidate>
      <fieldset className="border-line flex flex-col gap-3 border-t pt-2">
        <legend className="font-semibold">Who and where</legend>
        <div className="flex flex-wrap gap-4">
          <ChoiceField
            label="Person"
            value={personId}
            options={[...points.people.map((own): [string, string] => [own.id, own.name]), [NEW, "somebody new …"]]}
            onChange={setPersonId}
          />
          <ChoiceField
            label="Place"
            value={placeId}
            options={[...points.places.map((own): [string, string] => [own.id, own.name]), [NEW, "a new place …"]]}
            onChange={setPlaceId}
          />
        </div>
        {personId === NEW && <PersonFields person={person} onChange={setPerson} />}
        {isNewPlace && (
          <div className="flex flex-wrap items-end gap-4">
            <TextField label="Name of the place" value={placeName} onChange={setPlaceName} />
            <ChoiceField label="Shelter" value={shelter} options={optionsOf(SHELTER_WORDS)} onChange={setShelter} />
            <ChoiceField
              label="Feet and seat rest on"
              value={ground}
              options={optionsOf(GROUND_WORDS)}
              onChange={setGround}
            />
            <ChoiceField label="Its clock" value={newZone} options={ZONES} onChange={setNewZone} />
          </div>
        )}
      </fieldset>
      <fieldset className="border-line flex flex-wrap gap-4 border-t pt-2">
        <legend className="font-semibold">When</legend>
        <div className="flex flex-col gap-1">
          <label htmlFor={id} className="text-muted text-sm">
            Starts walking, by the clock of {timeZone}
          </label>
          <input
            id={id}
            type="datetime-local"
            className="field"
            value={startsAt}
            onChange={(event) => setStartsAt(event.target.value)}
          />
        </div>
        <NumberField
          label="To sit still for"
          unit="h"
          value={sitHours}
          low={0.25}
          high={24}
          step={0.5}
          decimals={2}
          onChange={setSitHours}
        />
        <TextField label="Name of the outing (if you like)" value={name} onChange={setName} />
      </fieldset>
      <fieldset className="border-line flex flex-wrap gap-4 border-t pt-2">
        <legend className="font-semibold">The day, as a forecast has it</legend>
        <LowHighFields day={day} preferences={preferences} onChange={setDay} />
        <ChoiceField label="Sky" value={cloud} options={optionsOf(CLOUD_WORDS)} onChange={setCloud} />
      </fieldset>
      {problem && (
        <p role="alert" className="text-cranberry">
          {problem}
        </p>
      )}
      <button type="submit" className="press border-accent self-start border-2 font-semibold">
        Make the sheet
      </button>
    </form>
  );
}
