import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import { usualPhases } from "@/core/morning";
import { totalMinutes, usualLevels } from "@/core/outing";
import type { OutingPreparation } from "@/core/evening";
import { createOuting, createPlace, insertContent, readPeopleAndPlaces, type Database } from "@/db";
import { hoursOfForecast } from "@/formats/wire/evening/forecast-view";
import type { OutingFromPlace } from "@/formats/wire/outing/new-outing-schema";
import type { OutingView, WeatherHourView } from "@/formats/wire/outing/outing-view";
import type { PlaceContent } from "@/formats/wire/places/place-view";
import { AppError } from "../app-error";
import { forecastAt, hoursToAsk } from "../forecast/forecast-at";
import { addPerson } from "../people/people";
import { personContentOf } from "../people/person-content";
import type { Forecasts } from "../ports/forecasts";
import { readPracticePreferences, readSetting } from "../stored/stored";
import { chooseKitInThread } from "../threads/pool";
import { contentRows } from "./content-rows";
import { dressAtOnce, type ChosenDress } from "./dress-at-once";
import { openOuting } from "./open-outing";
import { hoursOfShapedDay } from "./shaped-day";

const refuse = (path: string, message: string, reason: string): AppError =>
  new AppError("bad-input", message, { problems: [{ path, reason }] });
const UNKNOWN = { person: m.noSuchPersonChoose, place: m.noSuchPlaceChoose } as const;
const unknown = (what: keyof typeof UNKNOWN): AppError => refuse(what, UNKNOWN[what], m.isNotKnown);

type Hours = {
  readonly weather: readonly WeatherHourView[];
  readonly weatherShaped: boolean;
  readonly plan: OutingPreparation;
};

/** The hours of a new outing, from wherever they are wanted. @throws {AppError} `bad-input` */
async function hoursOf(
  forecasts: Forecasts,
  { weather, startsAt }: OutingFromPlace,
  { setting, timeZone }: PlaceContent,
  minutes: number,
): Promise<Hours> {
  const { latitudeDeg, longitudeDeg } = setting;
  switch (weather.kind) {
    case "hours":
      return { weather: weather.hours, weatherShaped: false, plan: {} };
    case "lowHigh": {
      const { kind: _kind, ...known } = weather;
      const hours = hoursOfShapedDay(known, { startsAt, timeZone, latitudeDeg, longitudeDeg }, minutes);
      return { weather: hours, weatherShaped: true, plan: {} };
    }
    case "forecast": {
      if (latitudeDeg === undefined || longitudeDeg === undefined) {
        throw refuse("weather", m.thePlaceHasNoPointOn, m.needsCoordinatesOfThePlace);
      }
      const asked = { latitudeDeg, longitudeDeg, startsAt, hours: hoursToAsk(minutes), asOfMs: Date.now() };
      const forecast = await forecastAt(forecasts, asked);
      const { service, issuedAt, invented } = forecast;
      return {
        weather: hoursOfForecast(forecast),
        weatherShaped: false,
        plan: { forecast: { service, issuedAt, invented } },
      };
    }
  }
}

/** Who and where, of what is known and what is new. @throws {AppError} `bad-input` where it is not known */
async function whoAndWhere(database: Database, ownerId: string, { person, place }: OutingFromPlace) {
  const { people, places } = await readPeopleAndPlaces(database, ownerId);
  const knownPlace = places.find(({ id }) => id === place.id);
  const where: PlaceContent | null =
    place.kind === "new"
      ? place
      : knownPlace
        ? { ...knownPlace, setting: readSetting(knownPlace.setting, knownPlace.name) }
        : null;
  if (!where) throw unknown("place");
  const known = people.find(({ id }) => id === person.id);
  if (person.kind === "known" && !known) throw unknown("person");
  const who: OutingView["person"] = known
    ? {
        id: known.id,
        ...personContentOf(known),
        practicePreferences: readPracticePreferences(known.practicePreferences, known.name),
      }
    : newPersonView(person as Extract<OutingFromPlace["person"], { kind: "new" }>);
  return { who, where };
}

function newPersonView({
  kind: _kind,
  ...person
}: Extract<OutingFromPlace["person"], { kind: "new" }>): OutingView["person"] {
  const accepted = person.accepted ?? usualLevels(person);
  return { ...person, accepted, practicePreferences: { avoids: [], practices: {} } };
}

/** The warmest kit is chosen where the outing cannot be computed. */
const WHERE_NOT_KNOWN = "best";

async function chosenDress(dress: OutingFromPlace["dress"], bare: OutingView): Promise<ChosenDress> {
  if (dress.kind !== "generic") return dress;
  const kit = dress.kit === "byCold" ? ((await chooseKitInThread(bare)) ?? WHERE_NOT_KNOWN) : dress.kit;
  return { kind: "generic", kit };
}

/**
 * Makes an outing from nothing: who, where, when, in what weather, in which clothes.
 * @throws {AppError} `bad-input`
 */
export async function makeFromPlace(
  database: Database,
  forecasts: Forecasts,
  ownerId: string,
  wanted: OutingFromPlace,
): Promise<void> {
  const { who, where } = await whoAndWhere(database, ownerId, wanted);
  const phases = usualPhases(wanted.sitMinutes).map((phase) => ({ ...phase, id: uuid() }));
  const hours = await hoursOf(forecasts, wanted, where, totalMinutes(phases));
  const { id, name, startsAt, dress, person, place } = wanted;
  const head = {
    id,
    name,
    personId: who.id,
    placeId: place.id,
    startsAt: new Date(startsAt),
    setting: where.setting,
    weatherShaped: hours.weatherShaped,
    plan: hours.plan,
  };
  const bare: OutingView = {
    ...head,
    ...hours,
    version: 1,
    startsAt,
    invented: false,
    partyId: null,
    person: who,
    place: { id: place.id, name: where.name, timeZone: where.timeZone },
    phases,
    wearings: [],
    kit: [],
  };
  // Simulated before the transaction: rows are not held while threads work.
  const chosen = await chosenDress(dress, bare);
  await database.transaction(async (transaction) => {
    if (person.kind === "new") {
      const { kind: _kind, ...row } = person;
      await addPerson(transaction, ownerId, row);
    }
    if (place.kind === "new") {
      const { kind: _kind, ...row } = place;
      await createPlace(transaction, ownerId, row);
    }
    await createOuting(transaction, ownerId, head, contentRows(bare));
    const wearings = await dressAtOnce(transaction, ownerId, await openOuting(transaction, ownerId, id), chosen);
    if (wearings.length > 0) await insertContent(transaction, ownerId, id, contentRows({ ...bare, wearings }));
  });
}
