import node from "@astrojs/node";
import react from "@astrojs/react";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig } from "astro/config";
import { readdirSync, writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { buildServerThreads, CACHED_THREADS_DIR } from "./scripts/run/server-threads.mjs";

const src = fileURLToPath(new URL("./src", import.meta.url));

/** Names every built file for the service worker, which keeps them for a place without a network. */
const builtFiles = {
  name: "built-files",
  hooks: {
    "astro:build:done": ({ dir }) => {
      const client = fileURLToPath(dir);
      const files = readdirSync(`${client}_astro`).map((name) => `/_astro/${name}`);
      writeFileSync(`${client}built-files.json`, JSON.stringify(files));
    },
  },
};

/** Builds what the server's threads run, beside the server and for the development server. */
const serverThreads = {
  name: "server-threads",
  hooks: {
    "astro:build:done": () => buildServerThreads(fileURLToPath(new URL("./dist/server", import.meta.url))),
    "astro:server:setup": async () => {
      process.env.UMIAK_THREADS = await buildServerThreads(CACHED_THREADS_DIR);
    },
  },
};

export default defineConfig({
  output: "server",
  adapter: node({ mode: "standalone" }),
  integrations: [react(), serverThreads, builtFiles],
  server: { host: "127.0.0.1", port: 4477 },
  devToolbar: { enabled: false },
  security: { checkOrigin: true },
  experimental: {
    csp: {
      directives: [
        "default-src 'none'",
        "connect-src 'self'",
        "img-src 'self' data:",
        "font-src 'self'",
        "worker-src 'self'",
        "manifest-src 'self'",
        "base-uri 'none'",
        "form-action 'self'",
      ],
    },
  },
  vite: {
    plugins: [tailwindcss()],
    resolve: { alias: { "@": src } },
    worker: { format: "es" },
    server: { watch: { ignored: ["**/.data/**"] } },
  },
});
