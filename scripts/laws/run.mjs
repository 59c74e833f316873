import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/laws/main.ts", "umiak-laws");
