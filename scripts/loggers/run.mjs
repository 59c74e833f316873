import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/loggers/main.ts", "umiak-loggers");
