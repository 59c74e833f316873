import { mean } from "d3-array";
import { calibrate, OutingAsLearnt, SitAgain } from "@/core/calibration";
import { leastMinutesStill } from "@/core/limits";
import { AS_READ, traitsOf, wornAsLearnt, type Learnt, type Outing, type Worn } from "@/core/outing";
import { drawnChance, minutesRange, NO_CHANCE, type Chance, type MinutesBound } from "@/core/range";
import { simulateOneSit } from "@/core/simulation";
import { lnFirst, simulatedPerson, toldSit, type Noting } from "./simulated-people";

/** Errors of minutes on further outings after so many notes, as standard deviations of natural logarithms. */
export type AfterNotes = {
  readonly notes: number;
  /** Of what is particular to the person and their clothes alone. */
  readonly persistent: number;
  /** With the chances of each outing. */
  readonly total: number;
  /** How much worse the worst person is than with no notes, of their own error; negative where all are better. */
  readonly worstPerson: number;
  /** How often what really was lies in what is said of eight cases of ten; `null` where it was not looked at. */
  readonly cover: number | null;
};

/** After so many notes it is looked at. */
export const AFTER = [0, 1, 3, 6, 8] as const;
const COVER_AFTER: readonly number[] = [0, 8];

/** By the whole verdict, as a plan is told. */
function minutesReally([outing, options]: ReturnType<OutingAsLearnt["as"]>, { lnModel }: Chance): number {
  const verdict = simulateOneSit(outing, 0, options);
  return verdict.kind === "longerThan" ? Infinity : leastMinutesStill(verdict) * Math.exp(lnModel);
}

const atLeast = ({ kind, minutes }: MinutesBound): number => (kind === "longerThan" ? Infinity : minutes);

const FURTHER = 10;
const PLANNED_MINUTES = 240;

const wornAs = (learnt: Learnt | null, outing: Outing): Worn => (learnt ? wornAsLearnt(learnt, outing) : AS_READ);

/** Natural logarithms of minutes: what is said of an outing over what it really is. */
type Errors = { readonly persistent: number[]; readonly total: number[]; readonly covered: boolean[] };

/** @param people so many, by seed @param after so many notes each in turn */
export function provedOn(people: number, noting: Noting, after: readonly number[]): readonly AfterNotes[] {
  const most = Math.max(...after);
  const byNotes = new Map(after.map((notes) => [notes, [] as Errors[]]));
  for (let seed = 1; seed <= people; seed++) {
    const person = simulatedPerson(seed, most + FURTHER);
    const told = person.outings.slice(0, most).map((outing) => toldSit(person, outing, noting));
    const further = person.outings.slice(most).map((outing) => {
      const again = new SitAgain(outing, PLANNED_MINUTES);
      const worn = person.worn(outing);
      const chance = drawnChance(person.random);
      return {
        outing,
        again,
        persistent: lnFirst(again.measures(person.traits, worn, NO_CHANCE)),
        really: lnFirst(again.measures(person.traits, worn, chance)),
        minutes: minutesReally(new OutingAsLearnt(outing).as(person.traits, worn, chance), chance),
      };
    });
    for (const notes of after) {
      const learnt = notes === 0 ? null : calibrate(told.slice(0, notes));
      const errors: Errors = { persistent: [], total: [], covered: [] };
      for (const { outing, again, persistent, really, minutes } of further) {
        const said = lnFirst(again.measures(traitsOf(learnt), wornAs(learnt, outing), NO_CHANCE));
        errors.persistent.push(said - persistent);
        errors.total.push(said - really);
        if (!COVER_AFTER.includes(notes)) continue;
        const { low, high } = minutesRange(learnt ? { ...outing, person: { ...outing.person, learnt } } : outing, 0);
        errors.covered.push(minutes >= atLeast(low) - 1 && minutes <= atLeast(high) + 1);
      }
      byNotes.get(notes)!.push(errors);
    }
  }
  const rms = (values: readonly number[]): number => Math.sqrt(mean(values, (value) => value ** 2) ?? 0);
  const before = byNotes.get(0)?.map(({ total }) => rms(total)) ?? [];
  return after.map((notes) => {
    const own = byNotes.get(notes)!;
    return {
      notes,
      persistent: rms(own.flatMap(({ persistent }) => persistent)),
      total: rms(own.flatMap(({ total }) => total)),
      cover: own[0]!.covered.length === 0 ? null : (mean(own.flatMap(({ covered }) => covered.map(Number))) ?? null),
      worstPerson: Math.max(...own.map(({ total }, person) => rms(total) / before[person]! - 1)),
    };
  });
}
