import * as m from "@/messages";
import { lightSpans } from "@/core/day";
import { LIMIT_TABLE } from "@/core/limits";
import type { AfterWalkOut, Standing } from "@/core/emergency";
import { plainNumber, temperatureText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { limitWords } from "@/formats/display/words/limit-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";

type Props = { readonly view: OutingView; readonly told: AfterWalkOut | null; readonly preferences: Preferences };

/** Whether it is dark when a minute ends; `null` where the place is not known. */
function isDarkAt({ setting, startsAt }: OutingView, minute: number): boolean | null {
  const { latitudeDeg, longitudeDeg } = setting;
  if (latitudeDeg === undefined || longitudeDeg === undefined) return null;
  return lightSpans(Date.parse(startsAt), minute, latitudeDeg, longitudeDeg).at(-1)?.light === "dark";
}

const standingWords = ({ toesC, fingersC, trunkC, trunkWaterGPerM2 }: Standing, { temperature }: Preferences): string =>
  m.toesFingersTrunkGMOf({
    toesC: temperatureText(toesC, temperature),
    fingersC: temperatureText(fingersC, temperature),
    trunkC: temperatureText(trunkC, temperature, 1),
    trunkWaterGPerM2: plainNumber(trunkWaterGPerM2, 0),
  });

/** The vehicle stays: how one stands after walking on, and after an hour of waiting there. */
export function OnFoot({ view, told, preferences }: Props) {
  if (!told) return <li className="border-line border-t py-1">{m.onFoot}</li>;
  const { endMinute, onArrival, afterWaiting, hardPassed } = told;
  const arrival = instantAt(view.startsAt, endMinute);
  const isDark = isDarkAt(view, endMinute);
  const passed = hardPassed.map((limit) => limitWords(limit, { part: LIMIT_TABLE[limit].parts[0]!, side: "both" }));
  return (
    <li className="border-line border-t py-1" data-testid="on-foot">
      {m.onFootUntil} {clockText(arrival, view.place.timeZone)}
      {isDark === true && m.inTheDark}: {standingWords(onArrival, preferences)}
      {m.afterAnHourOfStandingThere} {standingWords(afterWaiting, preferences)}.{" "}
      <strong>{passed.length > 0 ? m.pastTheHardLimit({ passed: passed.join(", ") }) : m.noHardLimitIsPassed}</strong>
    </li>
  );
}
