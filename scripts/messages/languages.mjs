import path from "node:path";
import { ROOT } from "../run/paths.mjs";

/** Languages that Umiak speaks, as BCP 47 tags; the first is spoken to whoever asks for another. */
export const LANGUAGES = /** @type {const} */ (["en", "nb"]);

/** The language this process builds or runs: each is a build of its own. */
export const languageOfProcess = () => {
  const wanted = process.env.UMIAK_LANGUAGE ?? LANGUAGES[0];
  const found = LANGUAGES.find((language) => language === wanted);
  if (!found) throw new Error(`UMIAK_LANGUAGE is ${wanted}: choose one of ${LANGUAGES.join(", ")}`);
  return found;
};

/** The module that `@/messages` stands for. @param {string} language */
export const compiledFile = (language) => path.join(ROOT, "src/messages", `${language}.ts`);

/** What paths of the sources stand for, whoever bundles them. */
export const sourceAliases = (language = languageOfProcess()) => ({
  "@/messages": compiledFile(language),
  "@": path.join(ROOT, "src"),
});
