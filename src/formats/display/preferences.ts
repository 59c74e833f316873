import { TEMPERATURE_UNITS, WIND_UNITS, type TemperatureUnit, type WindUnit } from "./units";

export const THEMES = ["system", "light", "dark", "red"] as const;
export type Theme = (typeof THEMES)[number];

export const HINTS = ["shown", "dismissed"] as const;
export type Hint = (typeof HINTS)[number];

/** How a person wants figures and colours shown; kept in a cookie so that the first page is right. */
export type Preferences = {
  readonly temperature: TemperatureUnit;
  readonly wind: WindUnit;
  readonly theme: Theme;
  /** The short hint on a sheet, until it is put away. */
  readonly hint: Hint;
};

export const DEFAULT_PREFERENCES: Preferences = { temperature: "C", wind: "m/s", theme: "system", hint: "shown" };
export const PREFERENCES_COOKIE = "umiak-preferences";

const known = <Word extends string>(words: readonly Word[], value: unknown, otherwise: Word): Word =>
  words.includes(value as Word) ? (value as Word) : otherwise;

/** Preferences from the text of a cookie; whatever is unknown falls back. */
export function readPreferences(text: string | undefined): Preferences {
  let stored: Partial<Record<keyof Preferences, unknown>> = {};
  try {
    stored = (JSON.parse(text ?? "{}") ?? {}) as typeof stored;
  } catch {
    // A cookie someone changed by hand: the defaults stand.
  }
  return {
    temperature: known(TEMPERATURE_UNITS, stored.temperature, DEFAULT_PREFERENCES.temperature),
    wind: known(WIND_UNITS, stored.wind, DEFAULT_PREFERENCES.wind),
    theme: known(THEMES, stored.theme, DEFAULT_PREFERENCES.theme),
    hint: known(HINTS, stored.hint, DEFAULT_PREFERENCES.hint),
  };
}
