import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const resolve = { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } };

export default defineConfig({
  test: {
    projects: [
      {
        resolve,
        test: {
          name: "unit",
          testTimeout: 60_000,
          include: ["src/**/*.test.ts", "src/**/*.test.tsx", "tests/unit/**/*.test.ts"],
        },
      },
      { resolve, test: { name: "reference", testTimeout: 60_000, include: ["tests/reference/**/*.test.ts"] } },
      {
        resolve,
        test: {
          name: "integration",
          include: ["tests/integration/**/*.test.ts"],
          globalSetup: ["tests/integration/database.ts"],
          hookTimeout: 60_000,
          testTimeout: 30_000,
          fileParallelism: false,
        },
      },
    ],
  },
});
