import { CoreError } from "@/core/errors";
import { dampnessOf, liveTrip, piecesOf, type Trip, type TripDay } from "@/core/trip";
import { parseTripFile } from "@/formats/trip/trip-file";
import { askedForFile, fail, readText } from "../outing/command";

const USAGE = [
  "usage: npm run -s trip -- TRIP.json [--json]   (TRIP.json may be - for standard input)",
  "  days in a row of one person: {days: [outing file], nights: [{kind, airC, relativeHumidityPercent, fireHours, hasDrier, hasMains, how}], supplies: {packs, powerBankWh}} (docs/trip.md)",
  "  --json  an array of {name, minutesStill, plannedMinutes, nightHours, pieces: [{pieceId, isWorn, startG, endG, driedG}], sources}",
];

const { path, isJson } = askedForFile(USAGE);
const read = parseTripFile(readText(path));
if (!read.ok) fail(read.problems.map(({ path: at, reason }) => `${at}: ${reason}`));

try {
  const days = liveTrip(read.trip);
  const named = days.map(({ verdict: _verdict, ...day }, index) => ({ name: read.names[index]!, ...day }));
  console.log(isJson ? JSON.stringify(named) : lines(read.trip, read.names, days).join("\n"));
} catch (error) {
  if (error instanceof CoreError) fail([`(whole file): ${error.message}`]);
  throw error;
}

function lines(trip: Trip, names: readonly string[], days: readonly TripDay[]): string[] {
  const pieceNames = new Map(piecesOf(trip).map(({ id, name }) => [id, name]));
  return days.flatMap(({ minutesStill, plannedMinutes, pieces, sources, nightHours }, day) => [
    `${names[day]}: ${minutesStill} min still of ${plannedMinutes} planned`,
    ...pieces
      .filter(({ startG, endG }) => dampnessOf(Math.max(startG, endG)) !== "dry")
      .map(
        ({ pieceId, startG, endG, driedG }) =>
          `  ${pieceNames.get(pieceId)}: ${startG.toFixed(0)} g in the morning, ${endG.toFixed(0)} g in the evening` +
          (nightHours === null ? "" : `, ${driedG.toFixed(0)} g dry in ${nightHours.toFixed(1)} h`),
      ),
    ...sources.flatMap((own): string[] => {
      const name = pieceNames.get(own.pieceId)!;
      if (own.kind === "packs")
        return own.opened < own.wanted ? [`  ${name}: ${own.opened} of ${own.wanted} packs`] : [];
      return own.emptyAtMinute === null ? [] : [`  ${name}: empty after ${own.emptyAtMinute} min`];
    }),
  ]);
}
