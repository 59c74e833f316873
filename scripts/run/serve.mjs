// The web process: listens, stops cleanly, and ends with its launcher so that no orphan keeps the port.
import { fileURLToPath } from "node:url";
import { answering } from "./answering.mjs";

process.env.ASTRO_NODE_AUTOSTART = "disabled";
process.env.ASTRO_NODE_LOGGING = "disabled";
process.env.UMIAK_THREADS ??= fileURLToPath(new URL("../../dist/server/server-threads.mjs", import.meta.url));
const { startServer } = await import("../../dist/server/entry.mjs");
const { server } = startServer();

const handlers = server.server.listeners("request");
server.server.removeAllListeners("request");
const answer = answering(fileURLToPath(new URL("../../dist/client/", import.meta.url)), (request, response) => {
  for (const handle of handlers) handle.call(server.server, request, response);
});
server.server.on("request", answer);
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
