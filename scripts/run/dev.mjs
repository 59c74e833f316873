// Astro's development server on the private database.
import { spawn } from "node:child_process";
import { ensureNodeModules } from "./packages.mjs";
import { ROOT, tool } from "./paths.mjs";
import { explain } from "./say.mjs";
import { openDatabase, prepareDatabase } from "./start.mjs";

try {
  await ensureNodeModules();
  const database = await openDatabase();
  await prepareDatabase(database.url);
  const env = {
    ...process.env,
    DATABASE_URL: database.url,
    ASTRO_TELEMETRY_DISABLED: "1",
    ASTRO_DISABLE_UPDATE_CHECK: "true",
  };
  const child = spawn(tool("astro"), ["dev", "--port", process.env.PORT ?? "4478"], {
    cwd: ROOT,
    env,
    stdio: "inherit",
  });
  for (const signal of /** @type {const} */ (["SIGINT", "SIGTERM"])) process.on(signal, () => child.kill(signal));
  child.on("exit", async (code) => {
    await database.stop();
    process.exit(code ?? 0);
  });
} catch (error) {
  console.error(`umiak: ${explain(error)}`);
  process.exit(1);
}
