import * as m from "@/messages";
import type { z } from "zod";
import type { readBasics, readTripsWhole, WholeOuting } from "@/db";
import { BACKUP_ROWS, type LeftOut } from "@/formats/backup/backup-schema";
import { AppError } from "../app-error";
import { readFelt, readLiveVotes, readOutingFile } from "../stored/stored-logbook";
import { readVerdict } from "../stored/stored-figures";
import { toHour, toPhase, toWearing } from "../outings/to-view";
import { readHistory } from "../stored/stored-commands";
import {
  readAccepted,
  readCare,
  readPracticePreferences,
  readLabel,
  readOutfitWearings,
  readPreparation,
  readSetting,
  readTraits,
} from "../stored/stored";

type Basics = Awaited<ReturnType<typeof readBasics>>;
type Kind = keyof typeof BACKUP_ROWS;
type RowOf<Name extends Kind> = z.output<(typeof BACKUP_ROWS)[Name]>;

/** Longest reason given for something left out. */
const MOST_LETTERS = 300;
const short = (text: string): string => text.slice(0, MOST_LETTERS);

/**
 * Rows of the database as rows of a backup, one at a time. What cannot be written, because it is in a form that cannot be
 * read or stands on something that cannot, is left out and told; the rest is whole.
 */
export class BackupRows {
  readonly leftOut: LeftOut[] = [];
  private readonly known = {
    person: new Set<string>(),
    place: new Set<string>(),
    piece: new Map<string, string>(),
    outing: new Set<string>(),
  };

  person(row: Basics["people"][number]): RowOf<"person"> | null {
    const { ownerId: _o, version: _v, createdAt: _c, updatedAt: _u, ...person } = row;
    const written = this.written("person", row.name, () => ({
      ...person,
      accepted: readAccepted(row.accepted, row),
      practicePreferences: readPracticePreferences(row.practicePreferences, row.name),
    }));
    if (written) this.known.person.add(row.id);
    return written;
  }

  place({ id, name, timeZone, setting, retired }: Basics["places"][number]): RowOf<"place"> | null {
    const written = this.written("place", name, () => ({
      id,
      name,
      timeZone,
      setting: readSetting(setting, name),
      retired,
    }));
    if (written) this.known.place.add(id);
    return written;
  }

  piece(row: Basics["pieces"][number], jpeg: Buffer | undefined): RowOf<"piece"> | null {
    const { ownerId: _o, lentBy: _lent, version: _v, createdAt: _c, updatedAt: _u, ...piece } = row;
    if (!this.known.person.has(row.personId)) return this.missing("piece", row.name, m.itsPersonIsLeftOut);
    const content = (photo: string | null) => (): unknown => ({
      ...piece,
      label: readLabel(row.label, row.name),
      traits: readTraits(row.traits, row.name),
      care: readCare(row.care, row.name),
      photo,
    });
    const whole = this.written("piece", row.name, content(null));
    if (!whole) return null;
    this.known.piece.set(row.id, row.personId);
    if (!jpeg) return whole;
    return this.written("piece", row.name, content(jpeg.toString("base64")), "photo") ?? whole;
  }

  outfit({ id, personId, name, wearings }: Basics["outfits"][number]): RowOf<"outfit"> | null {
    if (!this.known.person.has(personId)) return this.missing("outfit", name, m.itsPersonIsLeftOut);
    return this.written("outfit", name, () => ({
      id,
      personId,
      name,
      wearings: readOutfitWearings(wearings, name),
    }));
  }

  outing(whole: WholeOuting): RowOf<"outing"> | null {
    const { head, weather, phases, wearings, commands, note, notePhoto, live, readings } = whole;
    const { id, name, personId, placeId } = head;
    if (!this.known.person.has(personId)) return this.missing("outing", name, m.itsPersonIsLeftOut);
    if (!this.known.place.has(placeId)) return this.missing("outing", name, m.itsPlaceIsLeftOut);
    const kept = wearings.filter(({ pieceId }) => this.known.piece.get(pieceId) === personId);
    const from = commands[0]?.position ?? head.commandsDone;
    const history = readHistory({
      from,
      done: head.commandsDone,
      commands: commands.map(({ id: own, label, changes }) => ({ id: own, label, changes })),
    });
    const written = this.written("outing", name, () => ({
      id,
      name,
      personId,
      placeId,
      partyId: head.partyId,
      startsAt: head.startsAt.toISOString(),
      invented: head.invented,
      removed: head.removedAt !== null,
      setting: readSetting(head.setting, name),
      weatherShaped: head.weatherShaped,
      plan: readPreparation(head.plan, name),
      weather: weather.map((row) => toHour(row, name)),
      phases: phases.map((row) => toPhase(row, name)),
      wearings: kept.map((row) => toWearing(row, name)),
      commands: history.commands,
      done: history.done,
      note: note && this.note(note, notePhoto, name),
      live: live && this.live(live, readings, name),
    }));
    if (!written) return null;
    this.known.outing.add(id);
    const gone = wearings.length - kept.length;
    if (gone > 0) this.missing("wearing", name, m.ofWhatIsWornOnIt({ gone }));
    if (history.commands.length < commands.length) this.missing("history", name, m.whatWasDoneToItBefore);
    return written;
  }

  /** A trip with those of its days whose outings are in the file. */
  trip({ id, name, content, days }: Awaited<ReturnType<typeof readTripsWhole>>[number]): RowOf<"trip"> | null {
    return this.written("trip", name, () => ({
      id,
      name,
      content,
      days: days.filter(({ outingId }) => this.known.outing.has(outingId)),
    }));
  }

  /** What was felt; an outing is whole without it. */
  private note(row: NonNullable<WholeOuting["note"]>, jpeg: Buffer | null, name: string): unknown {
    try {
      return {
        felt: readFelt(row.felt, name),
        file: readOutingFile(row.file, name),
        verdict: readVerdict(row.verdict),
        modelVersion: row.modelVersion,
        photo: jpeg?.toString("base64") ?? null,
      };
    } catch (error) {
      if (!(error instanceof AppError)) throw error;
      return this.missing("note", name, error.message);
    }
  }

  /** What was said and read during a sit; an outing is whole without it. */
  private live(row: NonNullable<WholeOuting["live"]>, readings: WholeOuting["readings"], name: string): unknown {
    try {
      return {
        beganAt: row.beganAt.toISOString(),
        endedAt: row.endedAt?.toISOString() ?? null,
        votes: readLiveVotes(row.votes, name),
        readings: readings.map(({ sensor, at, valueC }) => ({ sensor, at: at.toISOString(), valueC })),
      };
    } catch (error) {
      if (!(error instanceof AppError)) throw error;
      return this.missing("live", name, error.message);
    }
  }

  private missing(what: LeftOut["what"], name: string, reason: string): null {
    this.leftOut.push({ what, name: short(name), reason: short(reason) });
    return null;
  }

  private written<Name extends Kind>(
    kind: Name,
    name: string,
    content: () => unknown,
    what: LeftOut["what"] = kind,
  ): RowOf<Name> | null {
    try {
      const parsed = BACKUP_ROWS[kind].safeParse(content());
      if (parsed.success) return parsed.data as RowOf<Name>;
      const [first] = parsed.error.issues;
      return this.missing(what, name, `${first?.path.join(".") ?? ""} ${first?.message ?? ""}`);
    } catch (error) {
      if (!(error instanceof AppError)) throw error;
      const [first] = error.details.problems ?? [];
      return this.missing(what, name, `${error.message} ${first?.path ?? ""} ${first?.reason ?? ""}`);
    }
  }
}
