// The web process: listens, stops cleanly, and ends with its launcher so that no orphan keeps the port.
import { fileURLToPath } from "node:url";
import { LANGUAGES } from "../messages/languages.mjs";
import { answering } from "./answering.mjs";
import { languageOf } from "./language-of.mjs";
import { readPages } from "./read-pages.mjs";

const [FIRST_LANGUAGE] = LANGUAGES;
/** @param {string} language @param {string} what */
const built = (language, what) => new URL(`../../dist/${language}/${what}`, import.meta.url);

process.env.ASTRO_NODE_AUTOSTART = "disabled";
process.env.ASTRO_NODE_LOGGING = "disabled";
process.env.UMIAK_THREADS ??= fileURLToPath(built("{language}", "server/server-threads.mjs"));
const { startServer } = await import(built(FIRST_LANGUAGE, "server/entry.mjs").href);
await readPages(fileURLToPath(built(FIRST_LANGUAGE, "server/")));
const { server } = startServer();

/** @typedef {import("./answering.mjs").Handler} Handler */
/** @type {Map<string, Promise<Handler>>} by language: those but the first are loaded when somebody asks for them */
const applications = new Map();
const handlers = server.server.listeners("request");
server.server.removeAllListeners("request");
applications.set(
  FIRST_LANGUAGE,
  Promise.resolve((request, response) => {
    for (const handle of handlers) handle.call(server.server, request, response);
  }),
);
/** One that cannot be loaded is answered for in the first language, and is not tried again. @param {string} language */
function applicationIn(language) {
  const loaded =
    applications.get(language) ??
    import(built(language, "server/entry.mjs").href)
      .then(({ handler }) => handler)
      .catch((error) => {
        console.error(`umiak: what was built in ${language} does not run: ${error.message}`);
        return applications.get(FIRST_LANGUAGE);
      });
  applications.set(language, loaded);
  return loaded;
}

const clientFolders = LANGUAGES.map((language) => fileURLToPath(built(language, "client/")));
const answer = answering(clientFolders, async (request, response) => {
  const application = await applicationIn(languageOf(request));
  application(request, response);
});
const metricsPort = Number(process.env.UMIAK_METRICS_PORT ?? 0);
server.server.on("request", metricsPort > 0 ? (await import("./metrics.mjs")).counted(metricsPort, answer) : answer);
if (process.env.UMIAK_LAN) {
  const { serveLan } = await import("./lan/serve.mjs");
  await serveLan(JSON.parse(process.env.UMIAK_LAN), answer);
}
// A fault nobody caught, such as one of the database's driver when its connection is cut: told, and the launcher starts
// a new process.
process.on("uncaughtException", (error) => {
  console.error(`umiak: the web server ends by a fault of its own: ${error.stack ?? error.message}`);
  process.exit(1);
});

const stop = () => {
  server.server.closeIdleConnections?.();
  server.server.close(() => process.exit(0));
  setTimeout(() => process.exit(0), 5000).unref();
};
process.on("SIGTERM", stop);
process.on("SIGINT", stop);
process.on("disconnect", () => process.exit(0));
server.server.once("error", (error) => {
  console.error(`umiak: ${error.message}`);
  process.exit(1);
});
const tell = () => process.send?.("listening");
if (server.server.listening) tell();
else server.server.once("listening", tell);
