import { runBundled } from "../run-bundled.mjs";

await runBundled("scripts/trade/main.ts", "umiak-trade");
