import type { APIContext } from "astro";
import { PREFERENCES_COOKIE, readPreferences, type Preferences } from "@/formats/display/preferences";

/** How whoever asks wants figures and colours shown: by their cookie, else as usual where their browser comes from. */
export const preferencesOf = ({ cookies, request }: Pick<APIContext, "cookies" | "request">): Preferences =>
  readPreferences(cookies.get(PREFERENCES_COOKIE)?.value, request.headers.get("accept-language"));
