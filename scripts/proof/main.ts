import { AFTER, provedOn } from "./calibration/calibration-proof";
import { largeKits, longerSearches, type LargeKit, piecesMore, smallKits } from "./dresser/dresser-proof";
import { provedLive } from "./live/live-proof";
import { proofLines, proveOddFiles } from "./odd-files";

// `npm run -s proof -- live 40` what loggers tell of a sit as it goes on, `-- calibration 40` what notes teach of so many simulated people; `-- 5000` tries odd files; `npm run -s proof -- dresser 100 20 20000 20` the dresser: so many small kits
// against all their outfits, so many large ones against so many outfits by chance, so many with a piece more; `dresser 0 0 0 0 0 10` the search against longer ones. `--json` prints figures.

const largeLine = ({ seed, tried, worstShare, worst, ms }: LargeKit): string =>
  `large kit ${seed}: ${(ms / 1000).toFixed(1)} s; of ${tried} by chance the best is better by ${(100 * worstShare).toFixed(1)} % ${worst}`;

const isJson = process.argv.includes("--json");
const words = process.argv.slice(2).filter((word) => word !== "--json");
const print = (figures: object, lines: readonly string[]): void =>
  console.log(isJson ? JSON.stringify(figures) : lines.join("\n"));

if (words[0] === "calibration") {
  const people = Number(words[1] ?? 40);
  const proofs = { everyPart: provedOn(people, "everyPart", AFTER), endingPart: provedOn(people, "endingPart", AFTER) };
  print(proofs, [
    `${people} simulated people: error of minutes on further outings (sd of ln), of the person alone and in all; cover of the eight cases of ten`,
    ...Object.entries(proofs).flatMap(([noting, rows]) =>
      rows.map(
        ({ notes, persistent, total, worstPerson, cover }) =>
          `${noting.padEnd(12)} ${notes} notes: ${persistent.toFixed(3)}  ${total.toFixed(3)}  worst person ${(100 * worstPerson).toFixed(0)} %  cover ${cover === null ? "-" : `${(100 * cover).toFixed(0)} %`}`,
      ),
    ),
  ]);
} else if (words[0] === "live") {
  const people = Number(words[1] ?? 40);
  const rows = provedLive(people);
  print(rows, [
    `${people} simulated people whose sit lasts over an hour: error of its end (sd of ln), cover of the eight cases of ten, faults told`,
    ...rows.map(
      ({ what, error, cover, told }) =>
        `${what.padEnd(26)} ${error.toFixed(3)}  cover ${(100 * cover).toFixed(0)} %  told ${(100 * told).toFixed(0)} %`,
    ),
  ]);
} else if (words[0] === "dresser") {
  const [small = 100, large = 20, tries = 20_000, mores = 20, mostOutfits, longerOnes = 0] = words.slice(1).map(Number);
  const smalls = await smallKits(small, mostOutfits);
  // On standard error, as they come: what ends early has shown something.
  const larges = await largeKits(large, tries, (kit) => console.error(largeLine(kit)));
  const pieces = await piecesMore(mores);
  const longer = await longerSearches(longerOnes);
  print({ smalls, larges, pieces, longer }, [
    ...smalls.map(
      ({ seed, pieces, outfits, simulated, missed, worstMinutes }) =>
        `small kit ${seed}: ${pieces} pieces, ${outfits} outfits, ${simulated} simulated; missed ${missed}, worst by ${worstMinutes} min`,
    ),
    ...larges.map(largeLine),
    ...pieces.map(
      ({ seed, pieces, lostMinutes, beforeMinutes }) =>
        `piece more ${seed}: ${pieces} pieces; lost ${lostMinutes} of ${beforeMinutes} min at the same mass`,
    ),
    ...longer.map(
      ({ seed, pieces, lostShare, worstShare }) =>
        `against longer searches ${seed}: ${pieces} pieces; ${(100 * lostShare).toFixed(1)} % of minutes lost at the same mass, at most ${(100 * worstShare).toFixed(0)} %`,
    ),
  ]);
} else {
  const count = words[0] === undefined ? undefined : Number(words[0]);
  const proof = proveOddFiles(count);
  print(proof, proofLines(proof));
  if (proof.failures.length > 0 || (count !== undefined && proof.tried < count)) process.exitCode = 1;
}
