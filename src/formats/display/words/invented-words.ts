import * as m from "@/messages";
import type { OutingLine, OutingView } from "../../wire/outing/outing-view";

const words = (isInvented: boolean, isWeatherInvented: boolean): string | null => {
  if (isInvented) return m.inventedDemonstration;
  return isWeatherInvented ? m.inventedWeatherDoNotGoBy : null;
};

/** What of an outing is made up, said wherever its figures are shown; `null` where nothing is. */
export const inventedWords = ({ invented, plan }: Pick<OutingView, "invented" | "plan">): string | null =>
  words(invented, plan.forecast?.invented ?? false);

/** The same of a line of the list. */
export const inventedLineWords = ({ invented, inventedWeather }: OutingLine): string | null =>
  words(invented, inventedWeather);
