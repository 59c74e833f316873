import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/dress/main.ts", "dress");
