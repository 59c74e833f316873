import { describe, expect, it } from "vitest";
import { compareFolder, hasFailed } from "../../scripts/reference/compare-folder";
import { bodyParameters, SEGMENT_INDEX } from "@/core/body";
import * as tables from "@/core/body/tables";
import bodyTables from "./body-tables.json";

// The published body: JOS-3 (Takahashi et al. 2021, Energy and Buildings 231:110575) as jos3 0.5.0 computes it.
// Whole outings: a separate implementation of the outing mode. Tolerances stand in scripts/reference.
const results = compareFolder("tests/reference");

describe.each([
  "body-cases.json",
  "body-parameters.json",
  "ireq-cases.json",
  "iso9920-cases.json",
  "sun-cases.json",
  "trial-outings.json",
  "wind-chill-cases.json",
])("%s", (file) => {
  const result = results.find((candidate) => candidate.file === file);
  const findings = result?.kind === "checked" ? result.report.findings : [];

  it("was read and holds cases", () => {
    expect(result).toMatchObject({ kind: "checked" });
    expect(result?.kind === "checked" && result.report.cases).toBeGreaterThan(0);
  });

  it.each(findings.map((finding) => [finding.quantity, finding] as const))("%s agrees", (_quantity, finding) => {
    expect(finding.worst, `worst at ${finding.where}`).toBeLessThanOrEqual(finding.tolerance);
  });
});

describe("the check itself", () => {
  it("names a table it knows no cases of as skipped", () => {
    const skipped = results.filter(({ kind }) => kind === "skipped").map(({ file }) => file);
    expect(skipped).toEqual(["body-tables.json", "panel.json"]);
  });

  it("fails on a folder without cases and on a file it cannot read", () => {
    expect(hasFailed({ file: "x", kind: "unreadable", why: "no JSON" })).toBe(true);
    expect(hasFailed({ file: "x", kind: "checked", report: { cases: 0, findings: [], notes: [] } })).toBe(true);
    expect(() => compareFolder("tests/no-such-folder")).toThrow(/does not exist/);
  });
});

describe("body-tables.json", () => {
  const published = bodyTables.tables;
  it.each([
    ["skin area", tables.STANDARD_SKIN_AREA_M2, published.module._BSAst[0]],
    ["receptors", tables.SKIN_RECEPTOR_SHARE, published.error_signals.receptor[0]],
    ["sweat", tables.SWEAT_SHARE, published.evaporation.skin_sweat[0]],
    ["basal skin flow", tables.BASAL_SKIN_FLOW_L_PER_H, published.skin_bloodflow.bfb_sk[0]],
    ["constriction", tables.CONSTRICTION_SHARE, published.skin_bloodflow.skin_stric[0]],
    ["shivering", tables.SHIVERING_SHARE, published.shivering.shivf[0]],
    ["work", tables.WORK_HEAT_SHARE, published.local_mwork.mwf[0]],
    ["radiation, lying", tables.RADIATION_W_PER_M2K.lying, published.rad_coef.hr[2]],
    ["core capacity", tables.STANDARD_CAPACITY_WH_PER_K.core, published.capacity.cap_cr[0]],
  ])("%s holds the published array", (_name, ours, theirs) => {
    expect(ours).toEqual(theirs);
  });

  it("core to skin conductance follows the class of fat", () => {
    const chest = (fatPercent: number): number => {
      const { conductances } = bodyParameters({ heightM: 1.72, massKg: 74.43, fatPercent, ageYears: 20, sex: "male" });
      return conductances.skinInner[SEGMENT_INDEX.chest]!;
    };
    const classes = published.conductance.cdt_cr_sk.map((row) => row[2]!);
    [10, 15, 20, 25, 30].forEach((fat, index) => expect(Math.abs(chest(fat) / classes[index]! - 1)).toBeLessThan(0.01));
  });
});
