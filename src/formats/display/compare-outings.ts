import * as m from "@/messages";
import { loadText, quantityText, rainText } from "./quantities";
import { hoursDuringPlan } from "../wire/outing/hours-of-plan";
import { carriedAt } from "@/core/dressing";
import { stayWords } from "./words/stay-words";
import type { ComparedCard, FieldCard } from "../wire/evening/field-card";
import { endWords } from "./words/card-words";
import { plainNumber, temperatureText, windText } from "./numbers";
import { GROUND_WORDS, SHELTER_WORDS } from "./words/place-words";
import type { Preferences } from "./preferences";
import { clockText, dateText, durationText } from "./time";
import { againstPlanWords, verdictWords } from "./words/sheet-words";

/** A line of two outings side by side. */
export type CompareRow = { readonly title: string; readonly one: string; readonly other: string };

/** All that is told of an outing, line by line. */
function told(
  { view, card }: ComparedCard,
  { temperature, wind }: Preferences,
): (readonly [title: string, words: string])[] {
  const { timeZone } = view.place;
  const hours = hoursDuringPlan(view);
  const air = hours.map(({ airTemperatureC }) => airTemperatureC);
  const most = Math.max(...hours.map(({ windMPerS }) => windMPerS));
  const rainMm = hours.reduce((sum, { precipitationMm }) => sum + (precipitationMm ?? 0), 0);
  const carried = carriedAt(view.kit, view.wearings, 0);
  const seatedFrom = card?.sit.fromMinute ?? 0;
  const seated = carriedAt(view.kit, view.wearings, seatedFrom);
  const figure = (words: (of: FieldCard) => string): string => (card ? words(card) : m.beingComputed);
  return [
    [
      m.whoWhereWhen,
      `${view.person.name}, ${view.place.name}, ${dateText(view.startsAt, timeZone)}, ${clockText(view.startsAt, timeZone)}`,
    ],
    [m.minutesStill, figure(({ verdict }) => verdictWords(verdict))],
    [
      m.againstThePlan,
      figure(({ verdict }) =>
        m.ofWords({ verdict: againstPlanWords(verdict), plannedMinutes: durationText(verdict.plannedMinutes) }),
      ),
    ],
    [m.whatEndsIt, figure(endWords)],
    [m.goOrStay, figure(({ advice }) => stayWords(advice) ?? m.nothingSpeaksAgainstGoing)],
    [
      m.air,
      m.to({
        min: temperatureText(Math.min(...air), temperature),
        max: temperatureText(Math.max(...air), temperature),
      }),
    ],
    [m.windForecast, m.upTo({ most: windText(most, wind) })],
    [m.rainOrSnow, rainMm > 0 ? rainText(rainMm) : m.noneTold],
    [
      m.seat,
      m.onUp({
        shelter: SHELTER_WORDS[view.setting.shelter],
        ground: GROUND_WORDS[view.setting.ground],
        quantity: quantityText("height", view.setting.seatHeightM),
      }),
    ],
    [m.wornWalkingIn, loadText(carried.wornG)],
    [m.carriedIn, m.aboutL({ packG: loadText(carried.packG), packL: plainNumber(carried.packL, 0) })],
    [m.wornAtTheSeat, figure(() => loadText(seated.wornG))],
  ];
}

/** Two outings, or two days of one, line by line. */
export function compareRows(one: ComparedCard, other: ComparedCard, preferences: Preferences): CompareRow[] {
  const others = told(other, preferences);
  return told(one, preferences).map(([title, words], index) => ({ title, one: words, other: others[index]![1] }));
}

/** Pieces that only the first of two wears, by name. */
export function wornOnlyIn(one: ComparedCard, other: ComparedCard): string[] {
  const wornIn = ({ view }: ComparedCard): Set<string> => {
    const worn = new Set(view.wearings.map(({ pieceId }) => pieceId));
    return new Set(view.kit.flatMap(({ id, name }) => (worn.has(id) ? [name] : [])));
  };
  const there = wornIn(other);
  return [...wornIn(one)].filter((name) => !there.has(name)).sort();
}
