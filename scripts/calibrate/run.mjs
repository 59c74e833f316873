import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/calibrate/main.ts", "umiak-calibrate");
