/** Written where somebody chooses a language; without it the list of their browser decides. The server reads it. */
export const LANGUAGE_COOKIE = "umiak-language";

/** Languages there are, by tag, as who speaks them calls them. */
export const LANGUAGES = { en: "English", nb: "Norsk bokmål" } as const;
export type Language = keyof typeof LANGUAGES;

/** What of a cookie is a language there is. @param value of the cookie @returns `null` where the browser decides */
export const languageChosen = (value: string | undefined): Language | null =>
  value !== undefined && Object.hasOwn(LANGUAGES, value) ? (value as Language) : null;
