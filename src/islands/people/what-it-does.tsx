import * as m from "@/messages";
import { useEffect, useState } from "react";
import { STANDARD_MORNING, type PersonEffects } from "@/core/morning";
import { temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { durationText } from "@/formats/display/time";
import { morningDifferenceText, morningMinutesText, personChangeWords } from "@/formats/display/words/person-words";
import type { PersonContent } from "@/formats/wire/people/person-view";
import { effectsOf } from "@/stores/people";

const REST_MS = 400;
type Props = { readonly person: PersonContent; readonly preferences: Preferences };

/** What of a person does what, in minutes of one standard morning. */
export function WhatItDoes({ person, preferences }: Props) {
  const [effects, setEffects] = useState<PersonEffects | null>(null);
  useEffect(() => {
    let isNewest = true;
    const timer = setTimeout(() => {
      void effectsOf(person).then((answer) => isNewest && setEffects(answer));
    }, REST_MS);
    return () => {
      isNewest = false;
      clearTimeout(timer);
    };
  }, [person]);
  const { airTemperatureC, windMPerS, sitMinutes } = STANDARD_MORNING;
  const { temperature, wind } = preferences;
  return (
    <section aria-labelledby="what-it-does" className="border-line border-t pt-3">
      <h2 id="what-it-does" className="font-semibold">
        {m.whatItDoesToAStandard}
      </h2>
      <p className="text-muted text-sm">
        {temperatureText(airTemperatureC, temperature)}, {windText(windMPerS, wind)} {m.ofWindAtTheEdgeOf}{" "}
        {durationText(sitMinutes)} {m.inWarmGenericClothesEachLine}
      </p>
      {effects === null ? (
        <p role="status" className="pt-2">
          {m.beingComputed}
        </p>
      ) : (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.whatItDoes}>
          <table className="mt-2 w-full max-w-2xl text-left" data-testid="person-effects">
            <thead className="sr-only">
              <tr>
                <th scope="col">{m.changedTitle}</th>
                <th scope="col">{m.minutesStill}</th>
                <th scope="col">{m.difference}</th>
              </tr>
            </thead>
            <tbody>
              <tr className="border-line border-b font-semibold">
                <th scope="row" className="py-1 pr-4 font-semibold">
                  {m.asYouAre}
                </th>
                <td className="py-1 pr-4">{morningMinutesText(effects.minutes)}</td>
                <td />
              </tr>
              {effects.effects.map(({ change, minutes }) => (
                <tr key={personChangeWords(change)} className="border-line border-b">
                  <th scope="row" className="py-1 pr-4 font-normal">
                    {personChangeWords(change)}
                  </th>
                  <td className="py-1 pr-4 whitespace-nowrap">{morningMinutesText(minutes)}</td>
                  <td className="py-1 whitespace-nowrap">{morningDifferenceText(minutes, effects.minutes)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {person.wearsGlasses && <p className="pt-2 text-sm">{m.glassesFogAsSoonAsThe}</p>}
    </section>
  );
}
