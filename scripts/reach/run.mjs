import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/reach/main.ts", "umiak-reach");
