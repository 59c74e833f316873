import { TRADE_CHECKS } from "./checks";

// Prints what people of the trade say beside what the model says. A disagreement is shown with its reason; nothing here
// fails a build, and no constant is moved to please a row.

let agreeing = 0;
for (const { name, practice, source, compute, reason } of TRADE_CHECKS) {
  const { computed, agrees } = compute();
  if (agrees) agreeing += 1;
  console.log(`${agrees ? "agrees   " : reason ? "explained" : "OPEN     "}  ${name}`);
  console.log(`           expected: ${practice} (${source ?? "common practice, no source"})`);
  console.log(`           computed: ${computed}`);
  if (!agrees) console.log(`           reason:   ${reason ?? "not found yet"}`);
}
console.log(`\n${agreeing} of ${TRADE_CHECKS.length} agree`);
