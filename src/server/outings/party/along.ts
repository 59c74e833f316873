import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import { same } from "@/formats/same";
import { followPhases } from "@/core/outing";
import {
  beginParty,
  createOuting,
  othersInParty,
  partyAcross,
  readOuting,
  readPeopleAndPlaces,
  withinAs,
  writeAlong,
  type AcrossParty,
  type Connection,
  type Database,
} from "@/db";
import type { OutingAlong } from "@/formats/wire/outing/new-outing-schema";
import type { OutingContentView, OutingView, PhaseView } from "@/formats/wire/outing/outing-view";
import { AppError } from "../../app-error";
import { addPerson } from "../../people/people";
import { contentRows } from "../content-rows";
import { openOuting } from "../open-outing";
import { toView } from "../to-view";

// Several sitters on one outing: each has an outing of their own with their kit and clothes; place, hours and phases are
// the party's, and whoever changes them changes them for all.

/**
 * Makes an outing for another sitter beside one that is there.
 * @throws {AppError} `not-found`, `bad-input` for somebody who is unknown or already goes along
 */
export async function makeAlong(database: Database, ownerId: string, wanted: OutingAlong): Promise<void> {
  const view = await openOuting(database, ownerId, wanted.besides);
  const { person } = wanted;
  const refuse = (reason: string): AppError =>
    new AppError("bad-input", m.thisPersonChooseAnotherOrMake({ reason }), {
      problems: [{ path: "person", reason }],
    });
  if (person.kind === "known") {
    const { people } = await readPeopleAndPlaces(database, ownerId);
    if (!people.some(({ id }) => id === person.id)) throw refuse(m.isNotKnown);
    const others = view.partyId ? await othersInParty(database, ownerId, view.partyId, view.id) : [];
    const views = await Promise.all(others.map((id) => openOuting(database, ownerId, id)));
    if ([view, ...views].some((own) => own.person.id === person.id)) throw refuse(m.alreadyGoesAlong);
  }
  const rows = contentRows(view);
  await database.transaction(async (transaction) => {
    if (person.kind === "new") {
      const { kind: _kind, ...row } = person;
      await addPerson(transaction, ownerId, row);
    }
    await beginParty(transaction, ownerId, view.id);
    const { tellsPlace, leftWith, track, forecast } = view.plan;
    const head = {
      id: wanted.id,
      name: view.name,
      personId: person.id,
      placeId: view.place.id,
      startsAt: new Date(view.startsAt),
      setting: view.setting,
      weatherShaped: view.weatherShaped,
      invented: view.invented,
      plan: { tellsPlace, leftWith, track, forecast },
      partyId: view.partyId ?? view.id,
    };
    await createOuting(transaction, ownerId, head, {
      weather: rows.weather,
      phases: rows.phases.map((phase) => ({ ...phase, id: uuid() })),
      wearings: [],
    });
  });
}

/** Phases of another sitter after a change: those that stayed keep the id they have there, by their place before. */
function phasesAlong(
  before: readonly PhaseView[],
  after: readonly PhaseView[],
  own: readonly PhaseView[],
): PhaseView[] {
  const ownId = new Map(before.map(({ id }, index) => [id, own[index]?.id]));
  return after.map((phase) => ({ ...phase, id: ownId.get(phase.id) ?? uuid() }));
}

/** Writes what somebody changed of place, hours and phases into the outing of another sitter of this owner's. */
async function follow(
  transaction: Connection,
  ownerId: string,
  outingId: string,
  before: OutingView,
  after: OutingContentView,
): Promise<void> {
  const rows = await readOuting(transaction, ownerId, outingId);
  if (!rows) return;
  const view = toView(rows);
  const phases = phasesAlong(before.phases, after.phases, view.phases);
  const wearings = followPhases(view.wearings, before.phases, after.phases);
  const { setting, weatherShaped, weather } = after;
  const content = { ...view, setting, weatherShaped, weather, phases, wearings };
  const plan = { ...view.plan, forecast: after.plan.forecast };
  await writeAlong(transaction, ownerId, outingId, { setting, weatherShaped, plan }, contentRows(content));
}

/** The others who go together with an outing, in this account and in others', whom what is changed there is handed on to. */
export const othersAcross = async (
  transaction: Connection,
  ownerId: string,
  { id, partyId }: Pick<OutingView, "id" | "partyId">,
): Promise<readonly AcrossParty[]> =>
  partyId === null
    ? []
    : (await partyAcross(transaction, id)).filter((other) => other.ownerId !== ownerId || other.outingId !== id);

/** Does work for whoever's an outing of a party is. */
export const asTheirs = <Result>(
  transaction: Connection,
  ownerId: string,
  other: AcrossParty,
  work: () => Promise<Result>,
): Promise<Result> => (other.ownerId === ownerId ? work() : withinAs(transaction, other.ownerId, work));

/** Hands what one sitter changed of place, hours and phases on to the others of the party. @returns whose outings changed */
export async function propagateToParty(
  transaction: Connection,
  ownerId: string,
  before: OutingView,
  after: OutingContentView,
): Promise<readonly AcrossParty[]> {
  const isShared = (["setting", "weather", "phases", "weatherShaped"] as const).some(
    (field) => !same(before[field], after[field]),
  );
  const sharesPlan = !same(before.plan.forecast, after.plan.forecast);
  if (!isShared && !sharesPlan) return [];
  const others = (await othersAcross(transaction, ownerId, before)).filter(({ mayWrite }) => mayWrite);
  for (const other of others)
    await asTheirs(transaction, ownerId, other, () =>
      follow(transaction, other.ownerId, other.outingId, before, after),
    );
  return others;
}
