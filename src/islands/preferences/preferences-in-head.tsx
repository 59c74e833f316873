import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { THEMES, type Preferences as Chosen, type Theme } from "@/formats/display/preferences";
import {
  TEMPERATURE,
  TEMPERATURE_UNITS,
  WIND,
  WIND_UNITS,
  type TemperatureUnit,
  type WindUnit,
} from "@/formats/display/units";
import { THEME_WORDS } from "@/formats/display/words/theme-words";
import { $preferences, changePreferences } from "@/stores/preferences";
import { useInitially } from "../page/use-initially";
import { OnceAlive } from "../page/once-alive";
import { guarded } from "../page/guarded";

type ChoiceProps<Word extends string> = {
  readonly label: string;
  readonly value: Word;
  readonly words: readonly Word[];
  readonly text: (word: Word) => string;
  readonly onChoose: (word: Word) => void;
};

function Choice<Word extends string>({ label, value, words, text, onChoose }: ChoiceProps<Word>) {
  return (
    <label className="flex items-center">
      <span className="sr-only">{label}</span>
      <select className="field text-sm" value={value} onChange={(event) => onChoose(event.target.value as Word)}>
        {words.map((word) => (
          <option key={word} value={word}>
            {text(word)}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Units and colours, in the head of every page. */
function Preferences({ initial }: { readonly initial: Chosen }) {
  useInitially(() => $preferences.set(initial));
  const { temperature, wind, theme } = useStore($preferences);
  return (
    <OnceAlive>
      <div className="flex flex-wrap items-center gap-2">
        <Choice<TemperatureUnit>
          label={m.temperatureIn}
          value={temperature}
          words={TEMPERATURE_UNITS}
          text={(unit) => TEMPERATURE[unit].label}
          onChoose={(unit) => changePreferences({ temperature: unit })}
        />
        <Choice<WindUnit>
          label={m.windIn}
          value={wind}
          words={WIND_UNITS}
          text={(unit) => WIND[unit].label}
          onChoose={(unit) => changePreferences({ wind: unit })}
        />
        <Choice<Theme>
          label={m.colours}
          value={theme}
          words={THEMES}
          text={(word) => THEME_WORDS[word]}
          onChoose={(word) => changePreferences({ theme: word })}
        />
      </div>
    </OnceAlive>
  );
}

export default guarded(Preferences);
