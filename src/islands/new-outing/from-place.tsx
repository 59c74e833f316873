import * as m from "@/messages";
import { useState, type FormEvent } from "react";
import { v7 as uuid } from "uuid";
import { MINUTES_PER_HOUR, MS_PER_DAY } from "@/core/units";
import type { NewOutingBody } from "@/formats/wire/outing/new-outing";
import type { StartingPoints } from "@/formats/wire/outing/starting-points";
import type { PersonContent } from "@/formats/wire/people/person-view";
import type { PlaceContent } from "@/formats/wire/places/place-view";
import { makeOuting } from "@/stores/new-outing";
import { Chips } from "../fields/chips";
import { TextField } from "../fields/text-field";
import { PersonForm } from "../people/person-form";
import { USUAL_PERSON } from "../people/usual-person";
import { PlaceForm, positionOf } from "../places/place-form";
import { usualPlace } from "../places/usual-place";
import { ClothesFields, dressBody, usualDress, type DressWord } from "./clothes-fields";
import { Step } from "./step";
import { USUAL_WEATHER, weatherBody, WeatherFields, type ChosenWeather } from "./weather-fields";
import { startOf, type When } from "./when";
import { WhenFields } from "./when-fields";

type FromPlaceBody = Extract<NewOutingBody, { from: "place" }>;

const NEW = "new";

/** Tomorrow by the clock of this device, as a date field wants it. */
function tomorrow(): string {
  const day = new Date(Date.now() + MS_PER_DAY);
  const two = (value: number): string => String(value).padStart(2, "0");
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;
}

/** An hour in the dark before the birds begin, four hours of sitting (assumptions). */
const USUAL_WHEN: Omit<When, "date"> = { way: "seatedAt", clock: "07:00", minutesBefore: 60 };
const USUAL_SIT_HOURS = 4;

/** Who, where, when, in what weather, in which clothes: enough for a first figure. All but what is new is filled in. */
export function FromPlace({ points }: { readonly points: StartingPoints }) {
  const [name, setName] = useState("");
  const [personId, setPersonId] = useState(points.people[0]?.id ?? NEW);
  const [person, setPerson] = useState<PersonContent>(USUAL_PERSON);
  const [placeId, setPlaceId] = useState(points.places[0]?.id ?? NEW);
  const [place, setPlace] = useState<PlaceContent>(usualPlace);
  const [when, setWhen] = useState<When>(() => ({ date: tomorrow(), ...USUAL_WHEN }));
  const [sitHours, setSitHours] = useState(USUAL_SIT_HOURS);
  const [problem, setProblem] = useState<string | null>(null);
  const known = points.people.find(({ id }) => id === personId) ?? null;
  const knownPlace = points.places.find(({ id }) => id === placeId) ?? null;
  const position = knownPlace ? knownPlace.position : positionOf(place.setting);
  const [weather, setWeather] = useState<ChosenWeather | null>(null);
  const [dress, setDress] = useState<DressWord | null>(null);
  const timeZone = knownPlace?.timeZone ?? place.timeZone;
  const hasForecast = position !== null;
  /** Until it is chosen it follows the place: a forecast where there is one. */
  const shownWeather = weather ?? { ...USUAL_WEATHER, way: hasForecast ? "forecast" : "lowHigh" };
  const shownDress = dress ?? usualDress(known);
  const start = startOf(when, timeZone, position);
  const placeName = knownPlace?.name ?? place.name.trim();

  const bodyOf = (): FromPlaceBody | string => {
    if (!known && person.name.trim() === "") return m.giveThePersonAName;
    if (!knownPlace && placeName === "") return m.giveThePlaceAName;
    if (typeof start === "string") return start;
    const hours = weatherBody(shownWeather, hasForecast);
    if (typeof hours === "string") return hours;
    return {
      from: "place",
      id: uuid(),
      name: name.trim() || `${placeName}, ${when.date}`,
      person: known
        ? { kind: "known", id: known.id }
        : { kind: "new", id: uuid(), ...person, name: person.name.trim() },
      place: knownPlace ? { kind: "known", id: knownPlace.id } : { kind: "new", id: uuid(), ...place, name: placeName },
      startsAt: new Date(start.startMs).toISOString(),
      sitMinutes: Math.round(sitHours * MINUTES_PER_HOUR),
      weather: hours,
      dress: dressBody(shownDress),
    };
  };
  const make = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const body = bodyOf();
    setProblem(typeof body === "string" ? body : null);
    if (typeof body === "string") return;
    try {
      await makeOuting(body, shownDress === "dressMe" ? "dress" : "sheet");
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <form className="flex flex-col gap-6" onSubmit={(event) => void make(event)} noValidate>
      <Step title={m.who}>
        <Chips
          label={m.person}
          isLabelHidden
          value={personId}
          options={[...points.people.map((own) => [own.id, own.name] as const), [NEW, m.somebodyNew2] as const]}
          onChange={(id) => {
            setPersonId(id);
            setDress(null);
          }}
        />
        {!known && <PersonForm person={person} startWay="estimated" isShort onChange={setPerson} />}
      </Step>
      <Step title={m.where}>
        <Chips
          label={m.placeTitle}
          isLabelHidden
          value={placeId}
          options={[...points.places.map((own) => [own.id, own.name] as const), [NEW, m.aNewPlace] as const]}
          onChange={(id) => {
            setPlaceId(id);
            setWeather(null);
          }}
        />
        {!knownPlace && (
          <PlaceForm
            place={place}
            others={points.places.flatMap((own) => (own.position ? [{ name: own.name, ...own.position }] : []))}
            onChange={setPlace}
          />
        )}
      </Step>
      <Step title={m.when}>
        <WhenFields
          when={when}
          sitHours={sitHours}
          start={start}
          timeZone={timeZone}
          onWhen={setWhen}
          onSitHours={setSitHours}
        />
      </Step>
      <Step title={m.weather}>
        <WeatherFields
          weather={shownWeather}
          timeZone={timeZone}
          startsAt={typeof start === "string" ? undefined : new Date(start.startMs).toISOString()}
          hasForecast={hasForecast}
          onChange={setWeather}
        />
      </Step>
      <Step title={m.clothes}>
        <ClothesFields person={known} dress={shownDress} onChange={setDress} />
      </Step>
      <TextField label={m.nameOfTheOutingIfYou} value={name} onChange={setName} />
      {problem && (
        <p role="alert" className="text-cranberry">
          {problem}
        </p>
      )}
      <button type="submit" className="press border-accent self-start border-2 font-semibold">
        {m.makeTheSheet}
      </button>
    </form>
  );
}
