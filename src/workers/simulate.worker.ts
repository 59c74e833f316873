import { expose } from "comlink";
import type { BenchSetting, FootAnswer, FootSystem, HandAnswer, PieceMinutes } from "@/core/bench";
import { changedOuting, whatBuysMinutesInSteps, type Worth } from "@/core/changes";
import { dayRun, hoursOfPlan } from "@/core/day";
import { CoreError } from "@/core/errors";
import type { Steps } from "@/core/numeric";
import { cautionsOf, goOrStay, standardOpinion } from "@/core/opinion";
import type { AfterFall, AfterWalkOut } from "@/core/emergency";
import { natureOf, simulateOuting, type SitAnswer, type Stepping } from "@/core/simulation";
import { type Outing, totalMinutes } from "@/core/outing";
import type { Piece } from "@/core/pieces";
import type { PersonEffects } from "@/core/morning";
import type { StarterKitKey } from "@/core/starter-kit";
import { RANGE_MEMBERS, RangeInParts, type RangeMembers, type RestedBy } from "@/core/range";
import { restedPerson, type RestedPerson } from "@/core/sitter";
import { windShareAtSeat } from "@/core/weather";
import type { MinuteLook, Trace } from "@/core/trace";
import { patiently } from "./patiently";
import type { Opinion, Preview, SimulationAnswer } from "./simulation-answer";

/** As many people as they step out as two ranges ask for. */
const MOST_KNOWN = 2 * RANGE_MEMBERS + 2;
const known = new Map<string, RestedPerson>();

/** A person as they step out, kept while they are simulated again and again. */
const restedBy: RestedBy = ({ person, start }, basalHeatFactor) => {
  const key = JSON.stringify([person.body, start, basalHeatFactor]);
  const rested = known.get(key) ?? restedPerson(person.body, start, basalHeatFactor);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, rested);
  return rested;
};
const restedOf = (outing: Outing): RestedPerson => restedBy(outing, natureOf(outing.person).basalHeatFactor);

function simulate(outing: Outing, stepping: Stepping = "paced"): SimulationAnswer {
  try {
    return { ok: true, result: simulateOuting(outing, { rested: restedOf(outing), stepping }) };
  } catch (error) {
    // Errors lose their class on the way out of a worker: code and message travel as data.
    if (error instanceof CoreError) return { ok: false, code: error.code, message: error.message };
    throw error;
  }
}

/** What an outing that can be computed answers; `null` where it cannot, which the simulation itself says why. */
function orNull<Answer>(work: () => Answer): Answer | null {
  try {
    return work();
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}

/** Number of the newest question: whatever belongs to an older one is given up. */
let newest = 0;
const cancelBefore = (request: number): void => {
  newest = request;
};

/** One patient work after the other: what was asked first is answered first. */
let queue: Promise<unknown> = Promise.resolve();
function inTurn<Answer>(work: () => Promise<Answer>): Promise<Answer> {
  const turn = queue.then(work);
  queue = turn.catch(() => undefined);
  return turn;
}

/** Runs steps while nothing newer is asked; `null` where it is, or where they cannot be done. */
async function whileWanted<Answer>(steps: Steps<Answer>, request: number): Promise<Answer | null> {
  try {
    return await patiently(steps, () => request < newest);
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}

/** The range being computed here, and which question it belongs to. */
let range: { readonly request: number; readonly parts: RangeInParts } | null = null;
const beginRange = (outing: Outing, sit: number, request: number): void => {
  const parts = orNull(() => new RangeInParts(outing, sit, restedBy));
  range = parts && { request, parts };
};

/** Some members of the range begun. */
const members = (from: number, to: number, request: number): Promise<RangeMembers | null> =>
  inTurn(async () => (range?.request === request ? whileWanted(range.parts.members(from, to), request) : null));

const worths = (outing: Outing, sit: number, kit: readonly Piece[], request: number): Promise<Worth[] | null> =>
  inTurn(() => whileWanted(whatBuysMinutesInSteps(outing, sit, kit), request));

const opinion = (outing: Outing, sit: SitAnswer): Opinion | null =>
  orNull(() => {
    const standard = standardOpinion(outing, sit);
    const sentence = standard.comparison.sentence;
    const total = totalMinutes(outing.phases);
    const needed = dayRun(
      hoursOfPlan(outing.weather, total),
      windShareAtSeat(outing.place.shelter, outing.place.seatHeightM),
    );
    return { sentence, run: needed, advice: goOrStay(sit, standard), cautions: cautionsOf(outing) };
  });

// What is asked only when somebody opens it is fetched then: a sheet that is looked at needs none of it.

const fall = async (
  outing: Outing,
  minute: number,
  walkMinutes: number | null,
  drySet: readonly Piece[],
): Promise<AfterFall | null> => {
  const { fallIn } = await import("@/core/emergency");
  return orNull(() => fallIn(outing, minute, walkMinutes, drySet));
};

const onFoot = async (outing: Outing, minutes: number): Promise<AfterWalkOut | null> => {
  const { walkOut } = await import("@/core/emergency");
  return orNull(() => walkOut(outing, minutes));
};

const why = async (outing: Outing, sit: SitAnswer): Promise<Trace | null> => {
  const { traceVerdict } = await import("@/core/trace");
  return orNull(() => traceVerdict(outing, sit));
};

const chooseKit = async (outing: Outing, avoidsAnimals: boolean): Promise<StarterKitKey | null> => {
  const { kitForCold } = await import("@/core/morning");
  return orNull(() => kitForCold(outing, avoidsAnimals));
};

const effects = async (person: Outing["person"]): Promise<PersonEffects | null> => {
  const { personEffects } = await import("@/core/morning");
  return orNull(() => personEffects(person));
};

const look = async (outing: Outing, minute: number): Promise<MinuteLook | null> => {
  const { lookAt } = await import("@/core/trace");
  return orNull(() => lookAt(outing, minute));
};

const feet = (setting: BenchSetting, system: FootSystem): Promise<FootAnswer | null> =>
  inTurn(async () => {
    const { footBench } = await import("@/core/bench");
    return orNull(() => footBench(setting, system));
  });

const hands = (setting: BenchSetting, layers: readonly Piece[]): Promise<HandAnswer | null> =>
  inTurn(async () => {
    const { handBench } = await import("@/core/bench");
    return orNull(() => handBench(setting, layers));
  });

const piece = (setting: BenchSetting, tried: Piece): Promise<PieceMinutes | null> =>
  inTurn(async () => {
    const { pieceMinutes } = await import("@/core/bench");
    return orNull(() => pieceMinutes(setting, tried));
  });

const preview = (outing: Outing, kit: readonly Piece[], changeId: string): Preview | null =>
  orNull(() => {
    const changed = changedOuting(outing, kit, changeId);
    return changed && { changed, result: simulateOuting(changed, { rested: restedOf(changed) }) };
  });

const api = {
  simulate,
  cancelBefore: cancelBefore,
  beginRange,
  members,
  worths,
  opinion,
  why,
  look,
  fall,
  onFoot,
  preview,
  feet,
  hands,
  piece,
  personEffects: effects,
  chooseKit,
};
export type SimulateWorker = typeof api;

expose(api);
