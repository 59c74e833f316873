import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { SKIES, WIND_PLACES, type Sky } from "@/core/reach";
import { MINUTES_PER_HOUR } from "@/core/units";
import { POSTURE_WORDS } from "@/formats/display/words/body-words";
import { GROUND_WORDS } from "@/formats/display/words/place-words";
import { WIND_PLACE_WORDS } from "@/formats/display/words/reach-words";
import type { PersonView } from "@/formats/wire/people/person-view";
import { $reachSettings, $wantedMinutes, REACH_OF, type ReachOf, type ReachSettings } from "@/stores/reach/reach";
import { ChoiceField, optionsOf } from "../fields/choice-field";
import { NumberField } from "../fields/number-field";

const PLANNED = "planned";
const SKY_WORDS: Readonly<Record<Sky, string>> = { overcast: m.reachOvercast, clear: m.reachClear };
const REACH_OF_WORDS: Readonly<Record<ReachOf, string>> = { outfit: m.reachOfOutfit, kit: m.reachOfKit };
/** What may be wanted, h. */
const WANTED_HOURS = [0.5, 12] as const;
/** Of a winter: from dry frost to rime. */
const HUMIDITIES_PERCENT = [40, 60, 80, 95] as const;

type Props = { readonly people: readonly PersonView[] };

/** What of the plan is taken otherwise for the map. */
export function ReachSwitchFields({ people }: Props) {
  const settings = useStore($reachSettings);
  const wanted = useStore($wantedMinutes);
  const change = (part: Partial<ReachSettings>): void => $reachSettings.set({ ...settings, ...part });
  return (
    <div className="flex flex-col gap-3">
      <ChoiceField
        label={m.reachOfWhat}
        value={settings.of}
        options={REACH_OF.map((own) => [own, REACH_OF_WORDS[own]] as const)}
        onChange={(of) => change({ of })}
      />
      <NumberField
        label={m.reachWanted}
        unit={m.hoursUnit}
        value={wanted / MINUTES_PER_HOUR}
        low={WANTED_HOURS[0]}
        high={WANTED_HOURS[1]}
        step={0.5}
        decimals={1}
        onChange={(hours) => $wantedMinutes.set(Math.round(hours * MINUTES_PER_HOUR))}
      />
      <ChoiceField
        label={m.reachWindPlace}
        value={settings.windPlace}
        options={WIND_PLACES.map((own) => [own, WIND_PLACE_WORDS[own]] as const)}
        onChange={(windPlace) => change({ windPlace })}
      />
      <ChoiceField
        label={m.reachPosture}
        value={settings.posture ?? PLANNED}
        options={[[PLANNED, m.reachAsPlanned], ...optionsOf(POSTURE_WORDS)]}
        onChange={(own) => change({ posture: own === PLANNED ? null : own })}
      />
      <ChoiceField
        label={m.reachGround}
        value={settings.ground ?? PLANNED}
        options={[[PLANNED, m.reachAsPlanned], ...optionsOf(GROUND_WORDS)]}
        onChange={(own) => change({ ground: own === PLANNED ? null : own })}
      />
      <ChoiceField
        label={m.reachSky}
        value={settings.sky ?? PLANNED}
        options={[[PLANNED, m.reachAsPlanned], ...SKIES.map((own) => [own, SKY_WORDS[own]] as const)]}
        onChange={(own) => change({ sky: own === PLANNED ? null : own })}
      />
      <ChoiceField
        label={m.reachHumidity}
        value={String(settings.relativeHumidityPercent ?? PLANNED)}
        options={[[PLANNED, m.reachAsPlanned], ...HUMIDITIES_PERCENT.map((own) => [String(own), `${own} %`] as const)]}
        onChange={(own) => change({ relativeHumidityPercent: own === PLANNED ? null : Number(own) })}
      />
      <ChoiceField
        label={m.reachWalk}
        value={settings.walksIn ? PLANNED : "none"}
        options={[
          [PLANNED, m.reachAsPlanned],
          ["none", m.reachNoWalk],
        ]}
        onChange={(own) => change({ walksIn: own === PLANNED })}
      />
      <ChoiceField
        label={m.reachPerson}
        value={settings.person?.id ?? PLANNED}
        options={[[PLANNED, m.reachAsPlanned], ...people.map(({ id, name }) => [id, name] as const)]}
        onChange={(id) => change({ person: people.find((own) => own.id === id) ?? null })}
      />
    </div>
  );
}
