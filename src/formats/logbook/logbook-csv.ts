import * as m from "@/messages";
import Papa from "papaparse";
import { FELT_PARTS } from "@/core/logbook";
import { asText } from "../kit-file/spreadsheet-cells";
import { quantityFigure, unitLabel } from "../display/quantities";
import { DAMP_WORDS, ENDING_WORDS, FELT_PART_WORDS, VOTE_WORDS } from "../display/words/logbook-words";
import type { LogbookEntry } from "../wire/logbook/logbook-view";

/** The logbook as a table, in the words and units of whoever takes it; a row a sit, in the order given. */
export const logbookCsv = (entries: readonly LogbookEntry[]): string =>
  Papa.unparse({
    fields: [
      m.logbookColumnStart,
      m.logbookColumnOuting,
      m.logbookColumnPerson,
      m.logbookColumnPlace,
      m.reachColumnAir({ unit: unitLabel("temperature") }),
      m.reachColumnWind({ unit: unitLabel("wind") }),
      m.logbookColumnPredicted,
      m.logbookColumnLow,
      m.logbookColumnHigh,
      m.logbookColumnFelt,
      m.logbookColumnEnded,
      m.logbookColumnFirst,
      ...FELT_PARTS.flatMap((part) => [
        FELT_PART_WORDS[part],
        m.logbookColumnColdAfter({ part: FELT_PART_WORDS[part] }),
      ]),
      m.logbookDamp,
      m.logbookChanged,
      m.logbookWentRight,
      m.logbookWords,
      m.logbookColumnPieces,
    ],
    data: entries.map(({ felt, predicted, ...entry }) => [
      entry.startsAt,
      asText(entry.name),
      asText(entry.personName),
      asText(entry.placeName),
      quantityFigure("temperature", entry.airTemperatureC, 1),
      quantityFigure("wind", entry.windMPerS, 1),
      predicted?.minutesStill ?? "",
      predicted?.lowMinutes ?? "",
      predicted?.highMinutes ?? "",
      felt.minutes,
      felt.ended ? ENDING_WORDS[felt.ended] : "",
      felt.first ? FELT_PART_WORDS[felt.first] : "",
      ...FELT_PARTS.flatMap((part) => {
        const own = felt.parts[part];
        return [own ? VOTE_WORDS[own.vote] : "", own?.coldAfterMinutes ?? ""];
      }),
      felt.dampAt.map((own) => DAMP_WORDS[own]).join(", "),
      asText(felt.changed),
      asText(felt.wentRight),
      asText(felt.words),
      asText(entry.pieces.map(({ name }) => name).join("; ")),
    ]),
  });
