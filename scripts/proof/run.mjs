import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/proof/main.ts", "umiak-proof");
