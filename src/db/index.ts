export {
  faultCode,
  inTransaction,
  isReached,
  letWebIn,
  migrateDatabase,
  oneSnapshot,
  openDatabase,
  openScopedDatabases,
  type Connection,
  type Database,
  type OpenDatabase,
  type ScopedDatabases,
} from "./connect";
export {
  countOutings,
  createOuting,
  createPerson,
  createPieces,
  createPlace,
  ensureOwner,
  addOwner,
} from "./queries/create";
export { readKit, readPhoto, replacePhoto, replacePiece, setPieceStatus } from "./queries/kit";
export {
  addContents,
  addMissing,
  addPhotos,
  firstForeignWearing,
  oneSlowSnapshot,
  readBasics,
  readOutingsWhole,
  readPhotos,
  type WholeOuting,
} from "./queries/backup";
export { readChanges } from "./queries/changes";
export { tellCalendars } from "./queries/calendar";
export { deleteOutfit, keepOutfit, lastOutingBefore, readOutfits } from "./queries/outfits";
export { listOutings, listParty } from "./queries/list-outings";
export { readCommands } from "./queries/sheet-commands";
export {
  keepPracticePreferences,
  readPeople,
  readPeopleAndPlaces,
  readPlaces,
  replacePerson,
  replacePlace,
} from "./queries/people-and-places";
export { readOuting, type OutingRows } from "./queries/read-outing";
export { beginParty, lockParty, othersInParty, partyAcross, writeAlong, type AcrossParty } from "./queries/party";
export {
  acceptShare,
  addShare,
  deleteShare,
  goAlong,
  leaveShare,
  offeredShare,
  readLent,
  readShares,
  retireLent,
  shareOf,
  sharesWithMe,
  withinAs,
  type SharedThing,
  type SharedWithMe,
  type ShareFound,
  type ShareOffered,
  type ShareRow,
} from "./queries/shares";
export { changeHead, forgetCommands } from "./queries/change-head";
export { insertContent, replaceOuting, setRemoved, type OutingContent, type Replaced } from "./queries/replace-outing";
export {
  addJob,
  beginJob,
  changeJob,
  countParts,
  findJob,
  forgetJob,
  forgetJobsBefore,
  forgetParts,
  hasPart,
  keepPart,
  lockJob,
  readAnswers,
  readJob,
  readJobInput,
  type JobRow,
} from "./queries/jobs";
export {
  forgetNote,
  keepNote,
  keepNotePhoto,
  keepToday,
  listNotes,
  readNote,
  readNotePhoto,
  startsOfPerson,
  type NoteRow,
} from "./queries/logbook";
export {
  addTrip,
  createTrip,
  deleteTrip,
  listTrips,
  readTripPast,
  readTripsWhole,
  replaceTrip,
  type TripDayRow,
} from "./queries/trips";
export { keepLearnt, readLearnt, type LearntRow } from "./queries/learnt";
export {
  addReadings,
  beginLiveSit,
  changeLiveSit,
  countReadings,
  listenLive,
  liveKey,
  lockLiveSit,
  readLiveSit,
  readReadings,
  tellLive,
} from "./queries/live";
export { readFindable } from "./queries/findable";
export { storeVerdict } from "./queries/verdict";
export type { StoredVote } from "./live-schema";
export type { OutfitWearing, StoredCard, TypedQuantity } from "./schema";
export {
  addFailedTry,
  addInvitation,
  countFailedTries,
  deleteOwner,
  forgetFailedTries,
  giveInvitationBack,
  ownerOfLiveSit,
  takeInvitation,
} from "./queries/accounts";
export { addLink, deleteLink, linkOfToken, readLinks, type LinkFound } from "./queries/links";
