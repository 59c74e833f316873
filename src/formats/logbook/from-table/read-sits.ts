import * as m from "@/messages";
import { FELT_PARTS, FELT_RANGE, isCold, NOTHING_SAID, type Felt, type FeltPart, type PartFelt } from "@/core/logbook";
import { CONDITION_RANGE } from "@/core/sitter";
import type { GridRow } from "../../any-table/grid";
import { keyOf, saidOf } from "../../any-table/said";
import { folded, wordsOf } from "../../any-table/words";
import { TEMPERATURE, WIND, type Unit } from "../../display/units";
import { atLine, type Told } from "../../table/read-table";
import { figureOf } from "../../weather-import/figure";
import { unitInHead } from "../../weather-import/guess-column";
import { Calendar, isMonthFirstIn, readWhen } from "../../weather-import/when";
import { instantOf } from "../../local-time";
import { WALK_RANGE_MINUTES } from "../../wire/logbook/past-sits-schema";
import type { SitMapping } from "./mapping";
import { coldAfterRole } from "./roles";
import { areHours, endingIn, minutesIn, partIn, voteIn } from "./said-words";
import { SitColumns } from "./sit-columns";
import { withUsual } from "./with-usual";
import type { KitName, NamedPiece, PastSit, ReadSits, SitTableOf } from "./sit-table";

/** Where a table tells no wind: a light one, as in most places that are chosen to sit (assumption). */
const WIND_WHERE_NOT_TOLD_M_PER_S = 2;
const BETWEEN_PIECES = /\s*[;,+/\n]\s*/;
const UNIT_BEHIND = /\s*(°?[cf]|m\/s|km\/h|mph|kn)$/;
const LONGEST_NAME = 120;

/** What keeps a row from being a sit that can be learnt from. */
class Refused extends Error {}

/** Reads the rows of one table. */
class SitReader {
  readonly names = new Map<string, NamedPiece>();
  private readonly temperature: Unit;
  private readonly wind: Unit;
  private readonly inHours: boolean;
  private readonly isMonthFirst: boolean;

  constructor(
    private readonly columns: SitColumns,
    private readonly mapping: SitMapping,
    private readonly known: SitTableOf,
  ) {
    this.temperature = TEMPERATURE[unitInHead("temperature", columns.headOf("air")) ?? known.temperature];
    this.wind = WIND[unitInHead("wind", columns.headOf("wind")) ?? known.wind];
    this.inHours = areHours(columns.headOf("minutes"), columns.all("minutes"));
    this.isMonthFirst = isMonthFirstIn(columns.all("when")) ?? false;
  }

  /** Who a row is of, where that is somebody else. */
  somebodyElse(row: GridRow): string | null {
    const who = this.columns.cell(row, "person");
    return who !== "" && keyOf(who) !== keyOf(this.known.person.name) ? who : null;
  }

  /** @throws {Refused} */
  sit(row: GridRow): PastSit {
    const cell = (role: Parameters<SitColumns["cell"]>[1]): string => this.columns.cell(row, role);
    const where = cell("place");
    const place =
      this.known.places.find(({ name }) => where !== "" && keyOf(name) === keyOf(where)) ??
      this.known.places.find(({ id }) => id === this.known.placeId);
    if (!place) throw new Refused(m.sitsNoPlace);
    const air = this.figure(row, "air", this.temperature);
    if (air === null) throw new Refused(m.sitsNoAir);
    const walk = cell("walk");
    return {
      line: row.line,
      name: (cell("name") || where || m.sitsUsualName).slice(0, LONGEST_NAME),
      startsAt: this.startOf(row, place.timeZone),
      placeId: place.id,
      walkMinutes: walk === "" ? null : this.within(minutesIn(walk, false), WALK_RANGE_MINUTES, "walk"),
      airTemperatureC: this.within(air, CONDITION_RANGE.airTemperatureC, "air"),
      windMPerS: this.within(
        this.figure(row, "wind", this.wind) ?? WIND_WHERE_NOT_TOLD_M_PER_S,
        CONDITION_RANGE.windMPerS,
        "wind",
      ),
      pieceIds: this.worn(row),
      felt: this.felt(row),
    };
  }

  private felt(row: GridRow): Felt {
    const minutes = minutesIn(this.columns.cell(row, "minutes"), this.inHours);
    if (minutes === null || minutes === 0) throw new Refused(m.sitsNoMinutes);
    const why = this.columns.cell(row, "ended");
    const byWhy = endingIn(why);
    const first = partIn(this.columns.cell(row, "first")) ?? (byWhy === "cold" ? partIn(why) : null);
    const parts: Partial<Record<FeltPart, PartFelt>> = {};
    for (const part of FELT_PARTS) {
      const vote = voteIn(this.columns.cell(row, part));
      const coldAfterMinutes = minutesIn(this.columns.cell(row, coldAfterRole(part)), false);
      // Whoever says when it was cold says that it was.
      if (coldAfterMinutes !== null && (vote === null || !isCold(vote)))
        parts[part] = { vote: "cold", coldAfterMinutes };
      else if (vote !== null) parts[part] = { vote, coldAfterMinutes };
    }
    return {
      ...NOTHING_SAID,
      minutes: this.within(minutes, FELT_RANGE.minutes, "minutes"),
      ended: byWhy,
      first,
      parts,
      words: this.columns.cell(row, "words").slice(0, FELT_RANGE.letters),
    };
  }

  private worn(row: GridRow): string[] {
    const named = this.columns.cells(row, "worn").flatMap((cell) => cell.split(BETWEEN_PIECES));
    const told = new Set(named.flatMap((name) => (name === "" ? [] : (this.pieceNamed(name) ?? []))));
    const pieceOf = (id: string): KitName[] => this.known.pieces.filter((piece) => piece.id === id);
    return withUsual([...told].flatMap(pieceOf), this.known.usuallyWorn.flatMap(pieceOf)).map(({ id }) => id);
  }

  private pieceNamed(name: string): string | null {
    const key = keyOf(name);
    const pieceId = saidOf(this.mapping.pieces, name) ?? this.likest(name)?.id ?? null;
    const before = this.names.get(key);
    this.names.set(key, { name: before?.name ?? name, pieceId, times: (before?.times ?? 0) + 1 });
    return pieceId || null;
  }

  /** The piece of that very name, or the only one whose name holds all its words. */
  private likest(name: string): KitName | undefined {
    const { pieces } = this.known;
    const words = wordsOf(name);
    const holding = pieces.filter((piece) => {
      const own = wordsOf(piece.name);
      return words.length > 0 && words.every((word) => own.includes(word));
    });
    return pieces.find((piece) => keyOf(piece.name) === keyOf(name)) ?? (holding.length === 1 ? holding[0] : undefined);
  }

  private startOf(row: GridRow, timeZone: string): string {
    const when = readWhen(this.columns.cell(row, "when"), this.isMonthFirst);
    if (!when?.day || when.day.year === null) throw new Refused(m.sitsNoDay);
    const ownClock = readWhen(this.columns.cell(row, "clock"), this.isMonthFirst)?.clock;
    const clock = when.clock ?? ownClock ?? readWhen(this.known.usualClock, false)?.clock ?? null;
    const text = new Calendar(null, timeZone).textOf({ ...when, clock });
    const startsAt = text === null ? null : instantOf(text, timeZone);
    if (startsAt === null) throw new Refused(m.sitsNoDay);
    return startsAt;
  }

  private figure(row: GridRow, role: "air" | "wind", unit: Unit): number | null {
    const value = figureOf(folded(this.columns.cell(row, role)).replace(UNIT_BEHIND, ""));
    return value === null ? null : unit.toSi(value);
  }

  private within(
    value: number | null,
    [low, high]: readonly [number, number],
    role: "walk" | "air" | "wind" | "minutes",
  ): number {
    if (value === null || value < low || value > high)
      throw new Refused(m.sitsOutside({ what: this.columns.headOf(role), low, high }));
    return value;
  }
}

/**
 * Reads sits of years from a table, whatever its columns are called and in whatever order. What is not understood is said,
 * row by row, and left out; nothing of the weather is guessed but a light wind.
 */
export function readSits(grid: readonly GridRow[], mapping: SitMapping, known: SitTableOf): ReadSits {
  const columns = new SitColumns(grid, mapping);
  const reader = new SitReader(columns, mapping, known);
  const problems: Told[] = [];
  const notes: Told[] = [];
  const sits = columns.body.flatMap((row): PastSit[] => {
    const who = reader.somebodyElse(row);
    if (who !== null) {
      notes.push({ at: atLine(row.line), reason: m.sitsOfSomebodyElse({ who }) });
      return [];
    }
    try {
      return [reader.sit(row)];
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      problems.push({ at: atLine(row.line), reason: error.message });
      return [];
    }
  });
  return { columns: columns.told(), sits, names: [...reader.names.values()], problems, notes };
}
