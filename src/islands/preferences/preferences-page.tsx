import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import {
  CLOCKS,
  CURRENCIES,
  DECIMALS,
  FIRST_DAYS,
  THEMES,
  type Preferences as Chosen,
} from "@/formats/display/preferences";
import { CUSTOMARY, METRIC, QUANTITY_NAMES, unitsOf } from "@/formats/display/units";
import {
  CLOCK_WORDS,
  DECIMAL_WORDS,
  FIRST_DAY_WORDS,
  QUANTITY_WORDS,
  UNIT_WORDS,
} from "@/formats/display/words/preference-words";
import { THEME_WORDS } from "@/formats/display/words/theme-words";
import { LANGUAGES, languageChosen, type Language } from "@/formats/display/language";
import { $preferences, changeLanguage, changePreferences } from "@/stores/preferences";
import { ChoiceField } from "../fields/choice-field";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";

/** Options of a list of words. */
const worded = <Word extends string>(
  words: readonly Word[],
  text: Readonly<Record<string, string>>,
): [Word, string][] => words.map((word) => [word, text[word] ?? word]);

const BROWSER = "browser";

type Props = {
  readonly initial: Chosen;
  /** `null`: the browser decides. */
  readonly language: Language | null;
};

/** In which language, in words that who wants another can read. */
const LanguageField = ({ language }: Pick<Props, "language">) => (
  <section aria-labelledby="language" className="border-line flex flex-col gap-3 border-t pt-3">
    <h2 id="language" className="font-semibold">
      {m.languageHeading}
    </h2>
    <ChoiceField<string>
      label={m.languageHeading}
      value={language ?? BROWSER}
      options={[[BROWSER, m.asTheBrowserAsks], ...Object.entries(LANGUAGES)]}
      onChange={(chosen) => changeLanguage(languageChosen(chosen))}
    />
  </section>
);

/** Language, every unit, clock, money and colour in one place; each holds from the moment it is chosen. */
function PreferencesPage({ initial, language }: Props) {
  useInitially(() => $preferences.set(initial));
  const chosen = useStore($preferences);
  const currencies = [...new Set([...CURRENCIES, chosen.currency])];
  return (
    <OnceAlive>
      <div className="flex max-w-3xl flex-col gap-6 pt-6">
        <div>
          <h1 className="text-2xl font-semibold">{m.preferences}</h1>
          <p className="text-muted">{m.keptInThisBrowserFromThe}</p>
        </div>
        <LanguageField language={language} />
        <section aria-labelledby="units" className="border-line flex flex-col gap-3 border-t pt-3">
          <h2 id="units" className="font-semibold">
            {m.units}
          </h2>
          <div className="flex flex-wrap gap-2">
            <button type="button" className="press" onClick={() => changePreferences(METRIC)}>
              {m.allMetric}
            </button>
            <button type="button" className="press" onClick={() => changePreferences(CUSTOMARY)}>
              {m.allInFeetPoundsAndF}
            </button>
          </div>
          <div className="grid gap-4 sm:grid-cols-2">
            {QUANTITY_NAMES.map((name) => (
              <ChoiceField<string>
                key={name}
                label={QUANTITY_WORDS[name]}
                value={chosen[name]}
                options={worded<string>(unitsOf(name), UNIT_WORDS)}
                onChange={(unit) => changePreferences({ [name]: unit })}
              />
            ))}
          </div>
        </section>
        <section aria-labelledby="writing" className="border-line flex flex-col gap-3 border-t pt-3">
          <h2 id="writing" className="font-semibold">
            {m.clockNumbersAndMoney}
          </h2>
          <div className="grid gap-4 sm:grid-cols-2">
            <ChoiceField
              label={m.clock}
              value={chosen.clock}
              options={worded(CLOCKS, CLOCK_WORDS)}
              onChange={(clock) => changePreferences({ clock })}
            />
            <ChoiceField
              label={m.firstDayOfTheWeek}
              value={chosen.firstDay}
              options={worded(FIRST_DAYS, FIRST_DAY_WORDS)}
              onChange={(firstDay) => changePreferences({ firstDay })}
            />
            <ChoiceField
              label={m.fractionsAreWrittenWith}
              value={chosen.decimal}
              options={worded(DECIMALS, DECIMAL_WORDS)}
              onChange={(decimal) => changePreferences({ decimal })}
            />
            <ChoiceField<string>
              label={m.pricesAreTypedIn}
              value={chosen.currency}
              options={worded<string>(currencies, {})}
              onChange={(currency) => changePreferences({ currency })}
            />
          </div>
        </section>
        <section aria-labelledby="colours" className="border-line flex flex-col gap-3 border-t pt-3">
          <h2 id="colours" className="font-semibold">
            {m.colours}
          </h2>
          <ChoiceField
            label={m.coloursOfTheScreen}
            value={chosen.theme}
            options={worded(THEMES, THEME_WORDS)}
            onChange={(theme) => changePreferences({ theme })}
          />
        </section>
      </div>
    </OnceAlive>
  );
}

export default guarded(PreferencesPage);
