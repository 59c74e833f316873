import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/season/main.ts", "umiak-season");
