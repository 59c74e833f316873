import * as m from "@/messages";
import { cardMoments, dressingOrder } from "../wire/evening/card-lists";
import type { FieldCard } from "../wire/evening/field-card";
import { plannedMinutes } from "../wire/outing/hours-of-plan";
import { endWords, momentWords } from "../display/words/card-words";
import { SPOT_WORDS, stepWords } from "../display/words/dressing-words";
import { inventedWords } from "../display/words/invented-words";
import { signsFor } from "../display/words/limit-words";
import { stayWords } from "../display/words/stay-words";
import { clockText, dateText } from "../display/time";
import { plainNumber } from "../display/numbers";

const MS_PER_MINUTE = 60_000;
const DEGREE_DECIMALS = 4;

/** What a field card says, as plain texts. */
export type CardParts = {
  readonly name: string;
  readonly who: string;
  readonly stay: string | null;
  readonly turnBack: string;
  readonly watchFrom: string | null;
  readonly ends: string;
  readonly moments: readonly string[];
  readonly dressing: readonly { readonly title: string; readonly steps: readonly string[] }[];
  readonly signs: readonly string[];
  /** Where it is, only if its owner has ticked that it is told. */
  readonly place: string | null;
  readonly leftWith: string | null;
};

/** A card in plain texts, for what has no page: a file, a square to scan. */
export function cardParts(card: FieldCard): CardParts {
  const { view, sit } = card;
  const { timeZone } = view.place;
  const clockOf = (minute: number): string => clockText(Date.parse(view.startsAt) + minute * MS_PER_MINUTE, timeZone);
  const moments = cardMoments(view, sit);
  const at = (kind: (typeof moments)[number]["act"]["kind"]): string | null => {
    const found = moments.find(({ act }) => act.kind === kind);
    return found ? clockOf(found.minute) : null;
  };
  const steps = dressingOrder(view).filter(({ spot }) => spot !== "out");
  const { latitudeDeg, longitudeDeg } = view.setting;
  const { leftWith, tellsPlace } = view.plan;
  const invented = inventedWords(view);
  return {
    name: view.name,
    who: [view.place.name, view.person.name, dateText(view.startsAt, timeZone), invented].filter(Boolean).join(" · "),
    stay: stayWords(card.advice),
    turnBack: at("turnBack") ?? "",
    watchFrom: at("watchYourself"),
    ends: endWords(card),
    moments: moments.map((moment) => `${clockOf(moment.minute)} ${momentWords(moment).join("; ")}`),
    dressing: (["home", "vehicle"] as const).flatMap((spot) => {
      const own = steps.filter((step) => step.spot === spot).map(stepWords);
      return own.length > 0 ? [{ title: SPOT_WORDS[spot], steps: own }] : [];
    }),
    signs: signsFor(card.verdict.limit),
    place:
      tellsPlace && latitudeDeg !== undefined && longitudeDeg !== undefined
        ? m.wgs84({
            latitudeDeg: plainNumber(latitudeDeg, DEGREE_DECIMALS),
            longitudeDeg: plainNumber(longitudeDeg, DEGREE_DECIMALS),
          })
        : null,
    leftWith: leftWith
      ? m.callsForHelpIfNothingIs({
          name: leftWith.name,
          reachedBy: leftWith.reachedBy ? ` (${leftWith.reachedBy})` : "",
          clockOf: clockOf(plannedMinutes(view) + leftWith.alarmAfterMinutes),
        })
      : null,
  };
}
