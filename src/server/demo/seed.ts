import { totalMinutes } from "@/core/outing";
import { v7 as uuid } from "uuid";
import {
  createOuting,
  createPerson,
  createPieces,
  createPlace,
  createTrip,
  ensureOwner,
  inTransaction,
  type Connection,
  type Database,
} from "@/db";
import { LOCAL_OWNER_ID } from "../access";
import { NO_TRIP_CONTENT } from "@/formats/trip/content-schema";
import { inventedHours } from "./invented-weather";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { DEMO_ACCEPTED, DEMO_OUTINGS, DEMO_PEOPLE, DEMO_PLACES, DEMO_TRIP, type DemoOuting } from "./scenario";

const CURRENCY = "EUR";

type Ids = { readonly id: string; readonly pieces: ReadonlyMap<StarterPieceKey, string> };

/** Rows of a demo outing; ids are new each time. */
export function demoContent(demo: DemoOuting, pieceIds: ReadonlyMap<StarterPieceKey, string>) {
  const end = totalMinutes(demo.phases);
  return {
    weather: inventedHours(demo.weather),
    phases: demo.phases.map(({ wetBy = [], ...phase }, position) => ({
      id: uuid(),
      position,
      ...phase,
      wetBy: [...wetBy],
    })),
    wearings: demo.wearings.map(([piece, rank, fromMinute, toMinute, side]) => ({
      id: uuid(),
      pieceId: pieceIds.get(piece)!,
      rank,
      fromMinute,
      toMinute: toMinute ?? end,
      side: side ?? ("both" as const),
    })),
  };
}

/** Makes the local owner with invented demo data, once; what exists is kept. @returns whether it was made now */
export const seedDemo = (database: Database): Promise<boolean> =>
  database.transaction(async (transaction) => {
    if (!(await ensureOwner(transaction, LOCAL_OWNER_ID, "local"))) return false;
    await writeDemo(transaction, LOCAL_OWNER_ID);
    return true;
  });

/** A copy of the demonstration beside whatever an owner has. */
export const addDemo = (database: Database, ownerId: string): Promise<void> =>
  inTransaction(database, (transaction) => writeDemo(transaction, ownerId));

async function writeDemo(transaction: Connection, ownerId: string): Promise<void> {
  const people = new Map<string, Ids>();
  for (const [key, { name, body, kit }] of Object.entries(DEMO_PEOPLE)) {
    const id = uuid();
    const pieces = new Map<StarterPieceKey, string>(kit.map((piece) => [piece, uuid()]));
    people.set(key, { id, pieces });
    await createPerson(transaction, ownerId, { id, name, ...body, accepted: DEMO_ACCEPTED });
    const rows = kit.map((piece) => ({
      id: pieces.get(piece)!,
      personId: id,
      currency: CURRENCY,
      ...starterPiece(piece),
    }));
    await createPieces(transaction, ownerId, rows);
  }
  const places = new Map<string, string>();
  for (const [key, place] of Object.entries(DEMO_PLACES)) {
    const id = uuid();
    places.set(key, id);
    await createPlace(transaction, ownerId, { id, ...place });
  }
  const addOuting = async (demo: DemoOuting): Promise<string> => {
    const { id: personId, pieces } = people.get(demo.person)!;
    const id = uuid();
    const row = {
      id,
      name: demo.name,
      personId,
      placeId: places.get(demo.place)!,
      startsAt: new Date(demo.startsAt),
      setting: DEMO_PLACES[demo.place].setting,
      invented: true,
    };
    await createOuting(transaction, ownerId, row, demoContent(demo, pieces));
    return id;
  };
  const outingIds = new Map<DemoOuting, string>();
  for (const demo of new Set([...DEMO_OUTINGS, ...DEMO_TRIP.days])) outingIds.set(demo, await addOuting(demo));
  const nights = [...DEMO_TRIP.nights, DEMO_TRIP.nights.at(-1)!]; // that of the last day does not count
  const days = DEMO_TRIP.days.map((demo, day) => ({ outingId: outingIds.get(demo)!, night: nights[day]! }));
  await createTrip(transaction, ownerId, { id: uuid(), name: DEMO_TRIP.name, content: NO_TRIP_CONTENT }, days);
}
