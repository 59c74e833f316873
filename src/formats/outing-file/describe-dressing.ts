import { PLACEMENT, type DresserAnswer, type DresserProblem, type OutfitCode } from "@/core/dresser";
import type { Outing } from "@/core/outing";
import type { MinutesBound } from "@/core/range";
import type { OutingFile } from "./schema/outing-schema";

const G_PER_KG = 1000;
const bound = ({ kind, minutes }: MinutesBound): object => ({ kind, minutes });

/** The outfit of an outing file: its own pieces and wearings in the place of what was worn. */
function outingFileIn({ kit: _kit, ...file }: OutingFile, { pieces, wearings }: Outing): object {
  const inKit = new Map((_kit ?? []).map((piece) => [piece.id, piece]));
  return {
    ...file,
    pieces: pieces.map(({ id, name, kind, label, fingersTogether, massG }) => {
      const { dexterity, endsAt, seals, printedTemperatureC, waterResistance, shaftHeightCm, heat, changeMinutes } =
        inKit.get(id)!;
      const traits = {
        dexterity,
        endsAt,
        seals,
        printedTemperatureC,
        waterResistance,
        shaftHeightCm,
        heat,
        changeMinutes,
      };
      return { id, name, kind, label, fingersTogether, massG, ...traits };
    }),
    wearings,
  };
}

/** What the dresser answers, as plain JSON; each outfit with a whole outing file of it. */
export function describeDressing(
  problem: DresserProblem,
  answer: DresserAnswer,
  file: OutingFile,
  withFront: boolean,
): object {
  const namesOf = (code: OutfitCode, placement: number): string[] =>
    problem.kit.flatMap(({ name }, index) => (code[index] === placement ? [name] : []));
  const row = (code: OutfitCode, name: string, minutesStill: number): object => {
    const { carriedG, packG, packL, costMinor } = problem.loadOf(code);
    return {
      name,
      minutesStill,
      carriedKg: carriedG / G_PER_KG,
      packKg: packG / G_PER_KG,
      packL: Number(packL.toFixed(2)),
      costMinor,
      wear: namesOf(code, PLACEMENT.start),
      putOnAtSeat: namesOf(code, PLACEMENT.seat),
      onTheWayOnly: namesOf(code, PLACEMENT.way),
      outing: outingFileIn(file, problem.outings.outingIn(code)),
    };
  };
  const looked = answer.outfits.map((outfit, place) => ({
    ...row(outfit.code, outfit.picks.join(", ") || `outfit ${place + 1}`, outfit.minutesStill),
    picks: outfit.picks,
    does: outfit.does,
    verdict: outfit.verdict.kind,
    endedBy: outfit.verdict.kind === "longerThan" ? null : outfit.verdict.crossing,
    runnerUp: outfit.verdict.kind === "longerThan" ? null : outfit.verdict.runnerUp,
    range: { low: bound(outfit.low), middle: bound(outfit.middle), high: bound(outfit.high) },
    sweatGPerM2: outfit.sweat?.gPerM2 ?? 0,
  }));
  return {
    wantedMinutes: answer.wantedMinutes,
    canBeDone: answer.canBeDone,
    simulated: answer.simulated,
    front: withFront
      ? answer.front.map(({ code, minutes }, place) => row(code, `front ${place + 1}`, minutes))
      : looked,
    ...(withFront ? { outfits: looked } : {}),
  };
}
