import * as m from "@/messages";
import type { Theme } from "../preferences";

/** Apart from other words of preferences: every page's head offers them. */
export const THEME_WORDS: Readonly<Record<Theme, string>> = {
  system: m.asTheDevice,
  light: m.light,
  dark: m.dark,
  red: m.redForTheNight,
};
