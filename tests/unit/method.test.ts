import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { methodPage } from "../../scripts/method/values";

describe("the method page", () => {
  const template = readFileSync("docs/source/method.in.md", "utf8");

  it("is written from its text and the code's own values (npm run schema)", async () =>
    expect(readFileSync("docs/method.md", "utf8")).toBe(await methodPage(template)));

  it("names no value that there is none of, and leaves none out", async () => {
    await expect(methodPage(`${template} {{nothing}}`)).rejects.toThrow(/nothing/);
    await expect(methodPage(template.replaceAll("{{limits}}", ""))).rejects.toThrow(/limits/);
  });
});
