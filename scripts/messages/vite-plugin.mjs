import { walk } from "estree-walker";
import MagicString from "magic-string";
import { compileCatalogue, compileMessages } from "./compile.mjs";

const MODULE = "@/messages";
/** A module of our own that is not the messages' own. */
const OURS = /\/src\/(?!messages\/).+\.[jt]sx?$/;

/**
 * The messages in a build for browsers: each stands where it is said, so that a page gets only its words. A server, the
 * tests and the scripts read the whole module.
 * @param {string} language
 * @returns {import("vite").Plugin}
 */
export function messagesPlugin(language) {
  /** @type {ReturnType<typeof compileCatalogue>} */
  let messages;
  let isBuild = false;

  /** @param {string} key @param {string} id of who says it @returns {string} code that stands for it */
  const codeOf = (key, id) => {
    if (key === "language") return JSON.stringify(language);
    const message = messages.get(key);
    if (!message) throw new Error(`${id}: there is no message ${key} in ${language}`);
    return "text" in message ? JSON.stringify(message.text) : `((a) => \`${message.body}\`)`;
  };

  return {
    name: "messages",
    config: (_, { command }) => {
      isBuild = command === "build";
      compileMessages();
      messages = compileCatalogue(language);
    },
    transform(code, id, options) {
      if (!isBuild || options?.ssr || !code.includes(MODULE) || !OURS.test(id.split("?")[0] ?? "")) return null;
      const written = new MagicString(code);
      let name = "";
      walk(/** @type {any} */ (this.parse(code)), {
        enter(node) {
          const { start, end } = /** @type {any} */ (node);
          if (node.type === "ImportDeclaration" && node.source.value === MODULE) {
            name = node.specifiers[0]?.local.name ?? "";
            written.overwrite(start, end, `import { plural } from "${MODULE}";`); // of it, what counts; dropped where nothing does
            this.skip();
          } else if (
            node.type === "MemberExpression" &&
            node.object.type === "Identifier" &&
            node.object.name === name &&
            node.property.type === "Identifier" &&
            !node.computed
          ) {
            written.overwrite(start, end, codeOf(node.property.name, id));
          }
        },
      });
      return { code: written.toString(), map: written.generateMap({ hires: true }) };
    },
  };
}
