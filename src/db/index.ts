export { migrateDatabase, openDatabase, type Connection, type Database, type OpenDatabase } from "./connect";
export { countOutings, createOuting, createPerson, createPieces, createPlace, ensureOwner } from "./queries/create";
export { readKit, replacePiece, setPieceStatus } from "./queries/kit";
export { listOutings } from "./queries/list-outings";
export { readCommands } from "./queries/sheet-commands";
export { readPeopleAndPlaces } from "./queries/people-and-places";
export { readOuting, type OutingRows } from "./queries/read-outing";
export { replaceOuting, storeVerdict, type OutingContent, type Replaced } from "./queries/replace-outing";
export type { StoredVerdict, TypedQuantity } from "./schema";
