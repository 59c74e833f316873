import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/bench/main.ts", "umiak-bench");
