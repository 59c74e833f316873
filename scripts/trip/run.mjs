import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/trip/main.ts", "umiak-trip");
