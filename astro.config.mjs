import node from "@astrojs/node";
import react from "@astrojs/react";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig } from "astro/config";
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { languageOfProcess, sourceAliases } from "./scripts/messages/languages.mjs";
import { messagesPlugin } from "./scripts/messages/vite-plugin.mjs";
import { compressBuilt } from "./scripts/run/compress-built.mjs";
import { buildServerThreads, CACHED_THREADS_DIR } from "./scripts/run/server-threads.mjs";

/** Each language is a build of its own: a page holds one language, and its words stand where they are used. */
const language = languageOfProcess();
const outDir = `dist/${language}`;

/** What a hash in a policy is of a text. @param {string} text */
const hashOf = (text) => `sha256-${createHash("sha256").update(text).digest("base64")}`;

/**
 * The package of the toasts puts its styles into the page itself, first empty, then whole: they are allowed by their hash,
 * and nothing else is. A new version of it has another.
 */
function injectedStyles() {
  const source = readFileSync(new URL("./node_modules/sonner/dist/index.mjs", import.meta.url), "utf8");
  const [, styles] = /__insertCSS\(("(?:[^"\\]|\\.)*")\)/.exec(source) ?? [];
  if (!styles) throw new Error("the styles that sonner injects are not found: look how its new version does it");
  return [hashOf(""), hashOf(JSON.parse(styles))];
}

/** Core, formats and charts do nothing when they are imported: of them a page gets only what it uses. */
const hasSideEffects = (id) => !/\/src\/(core|formats|charts|messages)\//.test(id);

/** Names every built file for the service worker, which keeps them for a place without a network, and compresses them. */
const builtFiles = {
  name: "built-files",
  hooks: {
    "astro:build:done": ({ dir }) => {
      const client = fileURLToPath(dir);
      const files = readdirSync(`${client}_astro`).map((name) => `/_astro/${name}`);
      writeFileSync(`${client}built-files.json`, JSON.stringify(files));
      compressBuilt(`${client}_astro`);
    },
  },
};

/** Builds what the server's threads run, beside the server and for the development server. */
const serverThreads = {
  name: "server-threads",
  hooks: {
    "astro:build:done": () => buildServerThreads(fileURLToPath(new URL(`./${outDir}/server`, import.meta.url))),
    "astro:server:setup": async () => {
      process.env.UMIAK_THREADS = await buildServerThreads(CACHED_THREADS_DIR);
    },
  },
};

/** What browsers get is made smaller than by the default, by a twenty-fifth; the server's own files need it not. */
const smallScripts = {
  name: "small-scripts",
  /** @returns {import("vite").UserConfig} */
  config: (_config, { isSsrBuild }) =>
    isSsrBuild
      ? {}
      : { build: { minify: "terser", terserOptions: { ecma: 2020, module: true, compress: { passes: 2 } } } },
};

export default defineConfig({
  output: "server",
  outDir,
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
      styleDirective: { hashes: injectedStyles() },
    },
  },
  vite: {
    plugins: [tailwindcss(), messagesPlugin(language), smallScripts],
    resolve: {
      alias: {
        ...sourceAliases(),
        "d3-interpolate": fileURLToPath(new URL("./scripts/run/interpolate-numbers.mjs", import.meta.url)),
      },
    },
    worker: {
      format: "es",
      plugins: () => [messagesPlugin(language)],
      rollupOptions: { treeshake: { moduleSideEffects: hasSideEffects } },
    },
    build: {
      rollupOptions: { treeshake: { moduleSideEffects: hasSideEffects } },
    },
    server: { watch: { ignored: ["**/.data/**"] } },
  },
});
