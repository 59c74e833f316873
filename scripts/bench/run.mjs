// Measures what people run: the code is bundled first, as the built application is. (Unbundled modules are several
// times slower, because the engine cannot fold constants across them.)
import { fileURLToPath, pathToFileURL } from "node:url";
import path from "node:path";
import { build } from "vite";

const root = fileURLToPath(new URL("../../", import.meta.url));
const outDir = path.join(root, "node_modules", ".cache", "umiak-bench");

await build({
  root,
  configFile: false,
  logLevel: "error",
  resolve: { alias: { "@": path.join(root, "src") } },
  build: {
    ssr: "scripts/bench/main.ts",
    outDir,
    emptyOutDir: true,
    minify: false,
    target: "node20",
    rollupOptions: { output: { entryFileNames: "bench.mjs" } },
  },
});
await import(pathToFileURL(path.join(outDir, "bench.mjs")).href);
