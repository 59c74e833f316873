import { normal, runToEnd, seededRandom, type Steps } from "../numeric";
import { isExtrapolated, type Outing } from "../outing";
import { natureOf, simulateOneSit, simulateSitMinutes, type SimulationOptions, type Stepping } from "../simulation";
import { type Crossing, type LevelVerdict, leastMinutesStill } from "../limits";
import { restedPerson, type BodilyNature, type RestedPerson } from "../sitter";
import { addCurves, bandsOf, type MemberCurves, type RangeBands } from "./bands";
import { ClothesWithLabelErrors } from "./label-errors";
import { LearntMembers } from "./learnt-members";
import { drawVariation, type Variation } from "./variation";
import { CHANCE_SPREAD } from "./unknowns";
import { varyOuting } from "./vary-outing";

/** Minutes still that may be longer than was simulated. */
export type MinutesBound = { readonly kind: "minutes" | "longerThan"; readonly minutes: number };

/** How long one member lasts, and what ends it; `null` where nothing does. */
export type MemberAnswer = MinutesBound & { readonly endedBy: Pick<Crossing, "limit" | "place" | "level"> | null };

/** How many of the members a limit ends at a place, the most first. */
export type EndedBy = NonNullable<MemberAnswer["endedBy"]> & { readonly members: number };

/** Where the answer lies in eight cases of ten, as far as what is roughly known decides. */
export type MinutesRange = {
  readonly low: MinutesBound;
  readonly middle: MinutesBound;
  readonly high: MinutesBound;
  readonly members: number;
  readonly endedBy: readonly EndedBy[];
  /** Minute by minute, between what shares of the members the curves lie. */
  readonly bands: RangeBands;
};

export const RANGE_MEMBERS = 64;
const RANGE_SEED = 1;
/** Of the model's own error where notes showed it to be larger: streams of their own, so that nothing else moves. */
const MODEL_ERROR_SEED = 3000;
/** What a member's step errs by is lost among what members differ by (range.test.ts). */
const MEMBER_STEPPING = "doubled" satisfies Stepping;
export const LOW_SHARE = 0.1;
const MIDDLE_SHARE = 0.5;

const answerOf = (verdict: LevelVerdict): MemberAnswer => {
  if (verdict.kind === "longerThan") return { kind: "longerThan", minutes: verdict.minutes, endedBy: null };
  const { limit, place, level } = verdict.crossing;
  return { kind: "minutes", minutes: leastMinutesStill(verdict), endedBy: { limit, place, level } };
};

/** Sides of one part are one place here: which foot is colder by a hair is no news. */
function endedByOf(answers: readonly MemberAnswer[]): EndedBy[] {
  const counted: EndedBy[] = [];
  for (const { endedBy } of answers) {
    if (!endedBy) continue;
    const index = counted.findIndex((own) => own.limit === endedBy.limit && own.place.part === endedBy.place.part);
    const before = counted[index];
    if (!before) counted.push({ ...endedBy, members: 1 });
    else {
      const side = before.place.side === endedBy.place.side ? before.place.side : "both";
      counted[index] = { ...before, place: { part: before.place.part, side }, members: before.members + 1 };
    }
  }
  return counted.sort((one, other) => other.members - one.members);
}

const sortable = ({ kind, minutes }: MinutesBound): number => (kind === "longerThan" ? Infinity : minutes);

/** The bound below which such a share of the members lies; a member is named, nothing is interpolated. */
function quantile(sorted: readonly MinutesBound[], share: number): MinutesBound {
  const { kind, minutes } = sorted[Math.round((sorted.length - 1) * share)]!;
  return { kind, minutes };
}

/** What is known of a person, and what varies about it. */
const combined = (own: BodilyNature, drawn: BodilyNature): BodilyNature => ({
  basalHeatFactor: own.basalHeatFactor * drawn.basalHeatFactor,
  flowFactor: {
    fingers: own.flowFactor.fingers * drawn.flowFactor.fingers,
    toes: own.flowFactor.toes * drawn.flowFactor.toes,
    face: own.flowFactor.face * drawn.flowFactor.face,
  },
  soleShare: drawn.soleShare,
  openingPerTrunkK: drawn.openingPerTrunkK,
});

/** Outside the adult model the range is wider by half, both ways from its middle. */
export const WIDENED_BY = 1.5;
function widened(range: RangeBounds): RangeBounds {
  const { low, middle, high } = range;
  const away = (bound: MinutesBound): MinutesBound =>
    bound.kind === "longerThan" || middle.kind === "longerThan"
      ? bound
      : { ...bound, minutes: Math.max(0, Math.round(middle.minutes + (bound.minutes - middle.minutes) * WIDENED_BY)) };
  return { ...range, low: away(low), high: away(high) };
}

/**
 * A member's minutes with what the model is off by beyond what it usually is, where somebody's notes showed that. The spread
 * of people and clothes stands for the usual.
 */
function byModelError(answer: MemberAnswer, member: number, { learnt }: Outing["person"]): MemberAnswer {
  const more = Math.sqrt(Math.max(0, (learnt?.modelSpread ?? 0) ** 2 - CHANCE_SPREAD.lnModel ** 2));
  if (more === 0) return answer;
  const factor = Math.exp(more * normal(seededRandom(MODEL_ERROR_SEED + member)));
  return answer.kind === "longerThan" ? answer : { ...answer, minutes: Math.round(answer.minutes * factor) };
}

/** Some of the members of a range, simulated: their answers and curves. */
export type RangeMembers = { readonly answers: readonly MemberAnswer[]; readonly curves: MemberCurves };

/** A person as they step out, by their basal heat over what the equation gives: the same for every plan of theirs. */
export type RestedBy = (outing: Outing, basalHeatFactor: number) => RestedPerson;
const restedAnew: RestedBy = ({ person, start }, basalHeatFactor) => restedPerson(person.body, start, basalHeatFactor);

/** A range whose members are simulated part by part: what they share is computed once. */
export class RangeInParts {
  private readonly random = seededRandom(RANGE_SEED);
  private readonly variations: Variation[] = [];
  private readonly clothes: ClothesWithLabelErrors;
  private readonly learnt: LearntMembers | null;

  /**
   * @param sit place of the sit among the outing's sits
   * @param restedBy for those who keep what they asked before
   * @throws {CoreError} `unknown-piece`
   */
  constructor(
    private readonly outing: Outing,
    private readonly sit: number,
    private readonly restedBy: RestedBy = restedAnew,
  ) {
    this.clothes = new ClothesWithLabelErrors(outing);
    this.learnt = LearntMembers.of(this.clothes.outing);
  }

  /** Members draw in turn from one stream, whatever the order they are asked in. */
  private variationOf(member: number): Variation {
    const { pieces, person } = this.outing;
    while (this.variations.length <= member) {
      this.variations.push(drawVariation(this.random, pieces, person.coldHands));
    }
    return this.variations[member]!;
  }

  /** `rangeMembers` in steps, one member each. */
  *members(from: number, to: number): Steps<RangeMembers> {
    const curves: MemberCurves = { toes: [], fingers: [], heatDebt: [] };
    const answers: MemberAnswer[] = [];
    for (let member = from; member < to; member++) {
      const { sits, series } = simulateSitMinutes(...this.member(member));
      addCurves(curves, series);
      answers.push(this.answer(sits[this.sit]!, member));
      yield;
    }
    return { answers, curves };
  }

  /**
   * Answers alone, for who draws no curves: nothing is simulated past them.
   * @param stepping "sketched" where the bounds of a few members are asked for: they are coarser than its steps (range.test.ts)
   */
  *answers(
    from: number,
    to: number,
    stepping: Extract<Stepping, "doubled" | "sketched"> = MEMBER_STEPPING,
  ): Steps<readonly MemberAnswer[]> {
    const answers: MemberAnswer[] = [];
    for (let member = from; member < to; member++) {
      const [outing, options] = this.member(member, stepping);
      answers.push(this.answer(simulateOneSit(outing, this.sit, options), member));
      yield;
    }
    return answers;
  }

  private answer(verdict: LevelVerdict, member: number): MemberAnswer {
    return byModelError(answerOf(verdict), member, this.outing.person);
  }

  private member(member: number, stepping: Stepping = MEMBER_STEPPING): [Outing, SimulationOptions] {
    const variation = this.variationOf(member);
    const learnt = this.learnt?.member(variation);
    const outing = learnt?.outing ?? varyOuting(this.clothes.outing, variation);
    const drawn = learnt
      ? { ...variation.nature, flowFactor: { fingers: 1, toes: 1, face: variation.nature.flowFactor.face } }
      : variation.nature;
    const nature = combined(natureOf(outing.person), drawn);
    return [
      outing,
      {
        nature,
        labelErrors: learnt ? this.clothes.as(learnt.cloth, variation.gapFactor) : this.clothes.by(variation),
        rested: this.restedBy(this.outing, nature.basalHeatFactor),
        stepping,
      },
    ];
  }
}

/**
 * Simulates some of a range's members. Each draws in turn from one seeded stream, so that parts simulated apart are the
 * same as all simulated at once.
 * @param sit place of the sit among the outing's sits
 * @param from first member, 0…
 * @param to member after the last
 * @throws {CoreError} as `simulateOuting` does
 */
export const rangeMembers = (outing: Outing, sit: number, from: number, to: number): RangeMembers =>
  runToEnd(new RangeInParts(outing, sit).members(from, to));

/** A range without its curves. */
export type RangeBounds = Omit<MinutesRange, "bands">;

/**
 * Where the answer lies by what members answer.
 * @param lowShare share of cases below its lower end, and above its upper one
 */
export function boundsOf(outing: Outing, members: readonly MemberAnswer[], lowShare = LOW_SHARE): RangeBounds {
  const answers = [...members].sort((one, other) => sortable(one) - sortable(other));
  const bounds = {
    low: quantile(answers, lowShare),
    middle: quantile(answers, MIDDLE_SHARE),
    high: quantile(answers, 1 - lowShare),
    members: answers.length,
    endedBy: endedByOf(answers),
  };
  return isExtrapolated(outing.person.body) ? widened(bounds) : bounds;
}

/**
 * The range of all members, however they were parted.
 * @param lowShare as of `boundsOf`
 */
export const rangeOf = (outing: Outing, parts: readonly RangeMembers[], lowShare = LOW_SHARE): MinutesRange => ({
  ...boundsOf(
    outing,
    parts.flatMap((part) => part.answers),
    lowShare,
  ),
  bands: bandsOf(
    parts.map(({ curves }) => curves),
    lowShare,
    1 - lowShare,
  ),
});

/**
 * Simulates one sit of an outing in many variations drawn from a fixed seed: of people in general, or, where notes taught
 * something of this person, of who they and their clothes may be.
 * @param members how many variations, at least 1
 * @throws {CoreError} as `simulateOuting` does
 * @source docs/method.md, "Range"
 */
export const minutesRange = (outing: Outing, sit: number, members: number = RANGE_MEMBERS): MinutesRange =>
  rangeOf(outing, [rangeMembers(outing, sit, 0, members)]);
