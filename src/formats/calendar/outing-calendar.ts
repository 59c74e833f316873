import * as m from "@/messages";
import { totalMinutes } from "@/core/outing";
import ical, { ICalAlarmType, ICalCalendarMethod, ICalEventStatus } from "ical-generator";
import type { CardMoment } from "@/core/evening";
import { cardMoments } from "../wire/evening/card-lists";
import { inventedWords } from "../display/words/invented-words";
import { endWords, momentWords } from "../display/words/card-words";
import { instantAt } from "../outing-file/to-outing";
import type { FieldCard } from "../wire/evening/field-card";

const SECONDS_PER_MINUTE = 60;
/** So long before the time to turn back an alarm goes off, besides the one at it. */
const WARN_BEFORE_MIN = 15;
/** What is to be done at a minute takes so long in a calendar. */
const MOMENT_MINUTES = 5;

const later = (instant: Date, minutes: number): Date => new Date(instant.getTime() + minutes * 60_000);

/** A number that rises with every file that is made, whatever it follows from: seconds since 2020. */
const SEQUENCE_FROM_MS = Date.UTC(2020, 0, 1);
const sequenceAt = (madeAt: Date): number => Math.floor((madeAt.getTime() - SEQUENCE_FROM_MS) / 1000);

/** What an act is known by, wherever a changed plan puts it: clothes by the first of the pieces that move. */
function actKey({ act }: CardMoment): string {
  if (act.kind !== "dress") return act.kind;
  const pieces = act.steps.flatMap(({ act: step }) => ("piece" in step ? [`${step.kind}-${step.piece.id}`] : []));
  return `dress-${pieces.sort()[0] ?? "other"}`;
}

export type OutingCalendar = {
  readonly text: string;
  /** What its events are known by: a later file cancels those that are gone. */
  readonly keys: readonly string[];
};

/**
 * An outing as a calendar file: the whole of it, and an alarm for whatever goes on or off, for turning back, and for
 * whoever the plan is left with. The place is told by its name; coordinates only where the plan ticks them.
 * @param madeAt when the file is made
 * @param before keys of the events of earlier files: those that are no longer there are cancelled
 * @source RFC 5545, by the package ical-generator
 */
export function outingCalendar(card: FieldCard, madeAt: Date, before: readonly string[] = []): OutingCalendar {
  const { view, sit } = card;
  const instant = (minute: number): Date => new Date(instantAt(view.startsAt, minute));
  const calendar = ical({ name: view.name, method: ICalCalendarMethod.PUBLISH, prodId: "//umiak//outing//EN" });
  const keys: string[] = [];
  const known = (key: string) => {
    keys.push(key);
    return { id: `${view.id}-${key}@umiak`, stamp: madeAt, sequence: sequenceAt(madeAt) };
  };
  const madeUp = inventedWords(view);
  const invented = madeUp === null ? "" : `${madeUp.toUpperCase()}. `;
  const moments = cardMoments(view, sit);
  const end = totalMinutes(view.phases);
  const { latitudeDeg, longitudeDeg } = view.setting;
  const isTold = view.plan.tellsPlace && latitudeDeg !== undefined && longitudeDeg !== undefined;
  calendar.createEvent({
    ...known("outing"),
    start: instant(0),
    end: instant(end),
    summary: view.name,
    description: m.anEstimateWhatYouFeelComes({ invented, card: endWords(card) }),
    location: isTold ? { title: view.place.name, geo: { lat: latitudeDeg, lon: longitudeDeg } } : view.place.name,
  });
  const alarmed = moments.filter(
    ({ act }) => act.kind === "dress" || act.kind === "watchYourself" || act.kind === "turnBack",
  );
  alarmed.forEach((moment) => {
    const lines = momentWords(moment);
    const start = instant(moment.minute);
    const event = calendar.createEvent({
      ...known(actKey(moment)),
      start,
      end: later(start, MOMENT_MINUTES),
      summary: moment.act.kind === "turnBack" ? m.turnBack : (lines[0] ?? ""),
      description: invented + lines.join("\n"),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: lines[0] ?? "" });
    if (moment.act.kind === "turnBack") {
      event.createAlarm({
        type: ICalAlarmType.display,
        trigger: WARN_BEFORE_MIN * SECONDS_PER_MINUTE,
        description: m.turnBackInMinutes({ warnBeforeMin: WARN_BEFORE_MIN }),
      });
    }
  });
  const { leftWith } = view.plan;
  if (leftWith) {
    const start = instant(end + leftWith.alarmAfterMinutes);
    calendar
      .createEvent({
        ...known("left-with"),
        start,
        end: later(start, MOMENT_MINUTES),
        summary: m.callsForHelpNowIfNothing({ name: leftWith.name }),
        description: `${invented}${view.name}, ${view.person.name}. ${leftWith.reachedBy}`,
      })
      .createAlarm({ type: ICalAlarmType.display, trigger: 0, description: m.isEverybodyOut });
  }
  for (const key of before.filter((own) => !keys.includes(own))) {
    calendar.createEvent({
      ...known(key),
      start: instant(0),
      end: instant(end),
      summary: m.noLongerPlanned({ name: view.name }),
      status: ICalEventStatus.CANCELLED,
    });
  }
  return { text: calendar.toString(), keys };
}
