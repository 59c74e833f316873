import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/reference/main.ts", "umiak-reference");
