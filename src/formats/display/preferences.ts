import { CUSTOMARY, METRIC, QUANTITY_NAMES, unitsOf, type UnitChoices } from "./units";

export const THEMES = ["system", "light", "dark", "red"] as const;
export type Theme = (typeof THEMES)[number];

export const HINTS = ["shown", "dismissed"] as const;
export type Hint = (typeof HINTS)[number];

/** Hours as the clock tells them. */
export const CLOCKS = ["24", "12"] as const;
export type Clock = (typeof CLOCKS)[number];

export const FIRST_DAYS = ["monday", "sunday", "saturday"] as const;
export type FirstDay = (typeof FIRST_DAYS)[number];

/** What stands before the fraction of a number. */
export const DECIMALS = ["point", "comma"] as const;
export type Decimal = (typeof DECIMALS)[number];

/** Currencies offered first; any code of three capitals may be kept. */
export const CURRENCIES = ["EUR", "NOK", "SEK", "DKK", "GBP", "USD", "CAD", "CHF"] as const;

/** How a person wants figures and colours shown; kept in a cookie so that the first page is right. */
export type Preferences = UnitChoices & {
  readonly theme: Theme;
  /** The short hint on a sheet, until it is put away. */
  readonly hint: Hint;
  readonly clock: Clock;
  readonly firstDay: FirstDay;
  readonly decimal: Decimal;
  /** Currency that prices are typed in, ISO 4217. */
  readonly currency: string;
};

export const DEFAULT_PREFERENCES: Preferences = {
  ...METRIC,
  theme: "system",
  hint: "shown",
  clock: "24",
  firstDay: "monday",
  decimal: "point",
  currency: "EUR",
};
export const PREFERENCES_COOKIE = "umiak-preferences";

const CURRENCY_OF_REGION: Readonly<Record<string, string>> = {
  US: "USD",
  CA: "CAD",
  GB: "GBP",
  NO: "NOK",
  SE: "SEK",
  DK: "DKK",
  CH: "CHF",
};

/** The first locale a browser asks for, if it is one. @param header of Accept-Language */
function localeOf(header: string | null | undefined): { readonly tag: string; readonly region: string } | null {
  const [first = ""] = (header ?? "").split(/[,;]/);
  try {
    const locale = new Intl.Locale(first.trim());
    return { tag: locale.toString(), region: locale.maximize().region ?? "" };
  } catch {
    return null;
  }
}

/** What is usual where a browser says it comes from; the defaults where it says nothing. */
export function usualPreferences(acceptLanguage: string | null | undefined): Preferences {
  const locale = localeOf(acceptLanguage);
  if (!locale) return DEFAULT_PREFERENCES;
  const { tag, region } = locale;
  const isCustomary = region === "US";
  const parts = new Intl.NumberFormat(tag).formatToParts(1.5);
  const clock = new Intl.DateTimeFormat(tag, { hour: "numeric" }).resolvedOptions();
  return {
    ...DEFAULT_PREFERENCES,
    ...(isCustomary && CUSTOMARY),
    ...(region === "GB" && { wind: "mph", height: "ft", distance: "mi" }),
    clock: clock.hour12 ? "12" : "24",
    firstDay: ["US", "CA"].includes(region) ? "sunday" : "monday",
    decimal: parts.some(({ type, value }) => type === "decimal" && value === ",") ? "comma" : "point",
    currency: CURRENCY_OF_REGION[region] ?? DEFAULT_PREFERENCES.currency,
  };
}

const known = <Word extends string>(words: readonly Word[], value: unknown, otherwise: Word): Word =>
  words.includes(value as Word) ? (value as Word) : otherwise;

const CURRENCY = /^[A-Z]{3}$/;

/**
 * Preferences from the text of a cookie; whatever is unknown falls back.
 * @param acceptLanguage the browser's, for what the cookie does not say
 */
export function readPreferences(text: string | undefined, acceptLanguage?: string | null): Preferences {
  const usual = usualPreferences(acceptLanguage);
  let stored: Partial<Record<keyof Preferences, unknown>> = {};
  try {
    stored = (JSON.parse(text ?? "{}") ?? {}) as typeof stored;
  } catch {
    // A cookie someone changed by hand: what is usual stands.
  }
  const units = QUANTITY_NAMES.map((name) => [name, known(unitsOf(name), stored[name], usual[name])]);
  return {
    ...(Object.fromEntries(units) as UnitChoices),
    theme: known(THEMES, stored.theme, usual.theme),
    hint: known(HINTS, stored.hint, usual.hint),
    clock: known(CLOCKS, stored.clock, usual.clock),
    firstDay: known(FIRST_DAYS, stored.firstDay, usual.firstDay),
    decimal: known(DECIMALS, stored.decimal, usual.decimal),
    currency: typeof stored.currency === "string" && CURRENCY.test(stored.currency) ? stored.currency : usual.currency,
  };
}

/** Of a request, what tells how its sender wants things shown. */
type Asking = {
  readonly cookies: { get(name: string): { readonly value: string } | undefined };
  readonly request: { readonly headers: { get(name: string): string | null } };
};

/** How whoever asks wants figures and colours shown: by their cookie, else as usual where their browser comes from. */
export const preferencesOf = ({ cookies, request }: Asking): Preferences =>
  readPreferences(cookies.get(PREFERENCES_COOKIE)?.value, request.headers.get("accept-language"));
