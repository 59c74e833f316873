import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/outing/main.ts", "outing");
