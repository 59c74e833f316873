import { atom } from "nanostores";
import {
  DEFAULT_PREFERENCES,
  PREFERENCES_COOKIE,
  readPreferences,
  type Preferences,
} from "@/formats/display/preferences";
import { LANGUAGE_COOKIE, type Language } from "@/formats/display/language";
import { showAs } from "@/formats/display/style";

/** As the server has written the page: what is drawn here first has to agree with it. */
const ofPage = (): Preferences =>
  typeof document === "undefined" ? DEFAULT_PREFERENCES : readPreferences(document.documentElement.dataset.preferences);

/** How figures and colours are shown. */
export const $preferences = atom<Preferences>(ofPage());
// On the server every request has its own; there its texts are written by those.
if (!import.meta.env.SSR) showAs(() => $preferences.get());

const A_YEAR_S = 365 * 24 * 3600;

/**
 * Chooses a language, or leaves the choice to the browser; the page comes again in it. Each language is a build of its
 * own, so that words are never fetched apart from what they stand on.
 */
export function changeLanguage(language: Language | null): void {
  const kept = language === null ? "; max-age=0" : `${language}; max-age=${A_YEAR_S}`;
  document.cookie = `${LANGUAGE_COOKIE}=${kept}; path=/; samesite=strict`;
  window.location.reload();
}

/** Changes preferences, keeps them in the cookie and applies the theme at once. */
export function changePreferences(change: Partial<Preferences>): void {
  const next = { ...$preferences.get(), ...change };
  $preferences.set(next);
  const value = encodeURIComponent(JSON.stringify(next));
  document.cookie = `${PREFERENCES_COOKIE}=${value}; path=/; max-age=${A_YEAR_S}; samesite=strict`;
  if (next.theme === "system") delete document.documentElement.dataset.theme;
  else document.documentElement.dataset.theme = next.theme;
}
