import { walk } from "estree-walker";
import MagicString from "magic-string";
import { compileCatalogue, compileMessages } from "./compile.mjs";

const MODULE = "@/messages";
const ONE = "virtual:message/";
/** A module of our own that is not the messages' own. */
const OURS = /\/src\/(?!messages\/).+\.[jt]sx?$/;

/**
 * The messages in a build for browsers: texts stand where they are used, and each message with values in a module of its
 * own, so that a page gets only its words. A server, the tests and the scripts read the whole module.
 * @param {string} language
 * @returns {import("vite").Plugin}
 */
export function messagesPlugin(language) {
  /** @type {ReturnType<typeof compileCatalogue>} */
  let messages;
  let isBuild = false;
  return {
    name: "messages",
    config: (_, { command }) => {
      isBuild = command === "build";
      compileMessages();
      messages = compileCatalogue(language);
    },
    resolveId: (id) => (id.startsWith(ONE) ? `\0${id}` : null),
    load(id) {
      if (!id.startsWith(`\0${ONE}`)) return null;
      const key = id.slice(ONE.length + 1);
      const message = messages.get(key);
      if (!message || "text" in message) return null;
      const plural = message.body.includes("plural(") ? `import { plural } from "${MODULE}";\n` : "";
      return { code: `${plural}export default (a) => \`${message.body}\`;`, moduleSideEffects: false };
    },
    transform(code, id, options) {
      if (!isBuild || options?.ssr || !code.includes(MODULE) || !OURS.test(id.split("?")[0] ?? "")) return null;
      const written = new MagicString(code);
      const program = this.parse(code);
      const named = new Set();
      let name = "";
      walk(/** @type {any} */ (program), {
        enter(node) {
          if (node.type === "ImportDeclaration" && node.source.value === MODULE) {
            name = node.specifiers[0]?.local.name ?? "";
            const { start, end } = /** @type {any} */ (node);
            written.remove(start, end);
            this.skip();
            return;
          }
          if (node.type !== "MemberExpression" || node.object.type !== "Identifier" || node.object.name !== name)
            return;
          if (!name || node.computed || node.property.type !== "Identifier") return;
          const { start, end } = /** @type {any} */ (node);
          const key = node.property.name;
          const message = messages.get(key);
          if (key === "language") written.overwrite(start, end, JSON.stringify(language));
          else if (!message) throw new Error(`${id}: there is no message ${key} in ${language}`);
          else if ("text" in message) written.overwrite(start, end, JSON.stringify(message.text));
          else {
            named.add(key);
            written.overwrite(start, end, `$message_${key}`);
          }
        },
      });
      for (const key of named) written.prepend(`import $message_${key} from "${ONE}${key}";\n`);
      return { code: written.toString(), map: written.generateMap({ hires: true }) };
    },
  };
}
