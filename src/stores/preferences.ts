import { atom } from "nanostores";
import { DEFAULT_PREFERENCES, PREFERENCES_COOKIE, type Preferences } from "@/formats/display/preferences";

/** How figures and colours are shown; the page sets it from the cookie before anything is drawn. */
export const $preferences = atom<Preferences>(DEFAULT_PREFERENCES);

const A_YEAR_S = 365 * 24 * 3600;

/** Changes preferences, keeps them in the cookie and applies the theme at once. */
export function changePreferences(change: Partial<Preferences>): void {
  const next = { ...$preferences.get(), ...change };
  $preferences.set(next);
  const value = encodeURIComponent(JSON.stringify(next));
  document.cookie = `${PREFERENCES_COOKIE}=${value}; path=/; max-age=${A_YEAR_S}; samesite=strict`;
  if (next.theme === "system") delete document.documentElement.dataset.theme;
  else document.documentElement.dataset.theme = next.theme;
}
