// The web process: listens, stops cleanly, and ends with its launcher so that no orphan keeps the port.
import { fileURLToPath } from "node:url";

process.env.ASTRO_NODE_AUTOSTART = "disabled";
process.env.ASTRO_NODE_LOGGING = "disabled";
process.env.UMIAK_THREADS ??= fileURLToPath(new URL("../../dist/server/server-threads.mjs", import.meta.url));
const { startServer } = await import("../../dist/server/entry.mjs");
const { server } = startServer();

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
