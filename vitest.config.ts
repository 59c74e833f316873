import { defineConfig } from "vitest/config";
import { sourceAliases } from "./scripts/messages/languages.mjs";
import { compileMessages } from "./scripts/messages/compile.mjs";
import { bundledTests, testsApart } from "./tests/setup/bundled";
import { BaseSequencer, type TestSpecification } from "vitest/node";

const resolve = { alias: sourceAliases() };
/** Tests only end on time when a machine is stuck: a busy one takes ten times as long as a quiet one. */
const SLOW_MACHINE_MS = 180_000;

/** Files that run for minutes: begun last, they would run alone while the other processors wait. */
const LONG = ["laws.test.ts", "trade.test.ts", "changes.test.ts", "commands.test.ts"];

class LongFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const sorted = await super.sort(files);
    const isLong = ({ moduleId }: TestSpecification): boolean => LONG.some((name) => moduleId.endsWith(`/${name}`));
    return [...sorted.filter(isLong), ...sorted.filter((file) => !isLong(file))];
  }
}

const APART = testsApart(["src", "tests/unit"]);
const bundled = bundledTests(["src", "tests/unit", "tests/reference"]);

compileMessages();

export default defineConfig({
  test: {
    sequence: { sequencer: LongFirst },
    maxWorkers: "100%", // else one processor of two stands idle
    projects: [
      {
        resolve,
        plugins: [bundled],
        test: {
          name: "core",
          setupFiles: ["tests/setup/laws.ts"],
          testTimeout: SLOW_MACHINE_MS,
          include: ["src/core/**/*.test.ts"],
          isolate: false, // the core keeps no state: read once, not for each of its files
        },
      },
      {
        resolve,
        plugins: [bundled],
        test: {
          name: "unit",
          setupFiles: ["tests/setup/laws.ts"],
          testTimeout: SLOW_MACHINE_MS,
          include: ["src/**/*.test.ts", "src/**/*.test.tsx", "tests/unit/**/*.test.ts"],
          exclude: ["src/core/**", ...APART],
          isolate: false, // bundled, a file shares nothing with another but packages
        },
      },
      {
        resolve,
        test: { name: "apart", setupFiles: ["tests/setup/laws.ts"], testTimeout: SLOW_MACHINE_MS, include: APART },
      },
      {
        resolve,
        plugins: [bundled],
        test: { name: "reference", testTimeout: SLOW_MACHINE_MS, include: ["tests/reference/**/*.test.ts"] },
      },
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
