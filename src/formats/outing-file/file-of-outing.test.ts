import { describe, expect, it } from "vitest";
import { fileOfOuting } from "./file-of-outing";
import { parseOutingFile } from "./parse";
import { toOuting } from "./to-outing";
import { viewToOuting } from "../wire/outing/view-to-outing";
import { sampleView } from "../../../tests/sample-view";

describe("an outing as a file", () => {
  it("comes back the same", () => {
    const view = sampleView();
    const outing = viewToOuting(view);
    const head = { name: view.name, startsAt: view.startsAt, timeZone: view.place.timeZone };
    const parsed = parseOutingFile(JSON.stringify(fileOfOuting(outing, head)));
    expect(parsed.ok ? [] : parsed.problems).toEqual([]);
    if (!parsed.ok) return;
    expect(JSON.parse(JSON.stringify(toOuting(parsed.file)))).toEqual(JSON.parse(JSON.stringify(outing)));
  });
});
