import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/panel/main.ts", "umiak-panel");
