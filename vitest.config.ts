import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const resolve = { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } };
/** Tests only end on time when a machine is stuck: a busy one takes ten times as long as a quiet one. */
const SLOW_MACHINE_MS = 180_000;

export default defineConfig({
  test: {
    projects: [
      {
        resolve,
        test: {
          name: "unit",
          setupFiles: ["tests/setup/laws.ts"],
          testTimeout: SLOW_MACHINE_MS,
          include: ["src/**/*.test.ts", "src/**/*.test.tsx", "tests/unit/**/*.test.ts"],
        },
      },
      { resolve, test: { name: "reference", testTimeout: SLOW_MACHINE_MS, include: ["tests/reference/**/*.test.ts"] } },
      {
        resolve,
        test: {
          name: "integration",
          include: ["tests/integration/**/*.test.ts"],
          globalSetup: ["tests/integration/database.ts"],
          hookTimeout: SLOW_MACHINE_MS,
          testTimeout: SLOW_MACHINE_MS,
          fileParallelism: false,
        },
      },
    ],
  },
});
