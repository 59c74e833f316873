import { execFileSync } from "node:child_process";
import { expect, it } from "vitest";
import type { Proof } from "../../scripts/proof/odd-files";

it("300 odd files that keep the format's rules are each answered in numbers or refused by a code, in bounded time (npm run proof)", () => {
  const text = execFileSync(process.execPath, ["scripts/proof/run.mjs", "300", "--json"], { encoding: "utf8" });
  const proof = JSON.parse(text) as Proof;
  expect(proof.failures).toEqual([]);
  expect(proof.tried).toBe(300);
  expect(proof.answered).toBeGreaterThan(150); // else it would prove little
});
