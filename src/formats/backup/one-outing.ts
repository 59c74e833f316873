import type { Backup } from "./backup-schema";

type Outing = Backup["outings"][number];
type Setting = Outing["setting"];

/** A setting without where on earth it is. */
const secret = ({ latitudeDeg: _latitude, longitudeDeg: _longitude, ...setting }: Setting): Setting => setting;

/** Commands tell of the setting too, and of a track: those that do are left out. */
const tellsOfPlace = ({ changes }: Outing["commands"][number]): boolean =>
  changes.some(({ collection, key }) => collection === "setting" || (collection === "plan" && key === "track"));

/**
 * One outing with all it stands on, of a whole backup. Coordinates and the track go along only where the plan ticks that
 * they may be told; nobody is told whom the plan is left with.
 */
export function oneOuting(backup: Backup, outingId: string): Backup | null {
  const found = backup.outings.find(({ id }) => id === outingId);
  if (!found) return null;
  const { leftWith: _leftWith, track, ...plan } = found.plan;
  const tells = plan.tellsPlace ?? false;
  const worn = new Set(found.wearings.map(({ pieceId }) => pieceId));
  const isHidden = !tells && found.commands.some(tellsOfPlace);
  const outing: Outing = {
    ...found,
    partyId: null,
    setting: tells ? found.setting : secret(found.setting),
    plan: tells ? { ...plan, track } : plan,
    // Without some of its commands the list no longer fits what it led to.
    commands: isHidden ? [] : found.commands,
    done: isHidden ? 0 : found.done,
  };
  return {
    ...backup,
    people: backup.people.filter(({ id }) => id === found.personId),
    places: backup.places
      .filter(({ id }) => id === found.placeId)
      .map((place) => (tells ? place : { ...place, setting: secret(place.setting) })),
    pieces: backup.pieces.filter(({ id }) => worn.has(id)),
    outfits: [],
    trips: [],
    outings: [outing],
  };
}
