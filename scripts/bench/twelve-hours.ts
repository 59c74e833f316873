import { type Outing, minutesBefore, totalMinutes } from "@/core/outing";
import { toOuting } from "@/formats/outing-file/to-outing";
import { demoByName, demoFile } from "@/server/demo/demo-file";

const TWELVE_HOURS_MIN = 720;

/** The grouse-lek demo outing with its last sit stretched until the whole lasts twelve hours. */
export function twelveHourOuting(): Outing {
  const outing = toOuting(demoFile(demoByName("Grouse lek before dawn")));
  const total = totalMinutes(outing.phases);
  const more = TWELVE_HOURS_MIN - total;
  const lastSit = outing.phases.findLastIndex(({ kind }) => kind === "sit");
  const sitEnd = minutesBefore(outing.phases, lastSit + 1);
  const later = (minute: number): number => (minute >= sitEnd ? minute + more : minute);
  return {
    ...outing,
    phases: outing.phases.map((phase, index) =>
      index === lastSit ? { ...phase, minutes: phase.minutes + more } : phase,
    ),
    wearings: outing.wearings.map((wearing) => ({
      ...wearing,
      fromMinute: later(wearing.fromMinute),
      toMinute: later(wearing.toMinute),
    })),
  };
}
