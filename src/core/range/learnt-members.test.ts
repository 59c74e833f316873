import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { TRAITS, wornKeys, type Learnt, type Outing } from "../outing";
import { minutesRange, type MinutesBound } from "./minutes-range";
import { BOOT_SPREAD, CHANCE_SPREAD, OUTFIT_SPREAD, TRAIT_SPREAD } from "./unknowns";

const outing = sampleOuting();
const { boots, outfit } = wornKeys(outing);
const latest = ({ kind, minutes }: MinutesBound): number => (kind === "longerThan" ? 720 : Math.max(5, minutes));
const known = (learnt: Learnt): Outing => ({ ...outing, person: { ...outing.person, learnt } });

/** What notes teach that say nothing: everything as spread as before. @param share of the spread that is left */
function taught(share: number): Learnt {
  const spreads = [...TRAITS.map((trait) => TRAIT_SPREAD[trait]), BOOT_SPREAD, OUTFIT_SPREAD];
  return {
    unknowns: [
      ...TRAITS.map((trait) => ({ kind: "trait", trait }) as const),
      { kind: "boots", key: boots! },
      { kind: "outfit", key: outfit },
    ],
    mode: spreads.map(() => 0),
    root: spreads.map((spread, row) =>
      spreads.slice(0, row + 1).map((_, column) => (column === row ? share * spread : 0)),
    ),
    notes: 1,
  };
}

describe("the range of somebody notes are known of", () => {
  const people = minutesRange(outing, 0);
  const width = (range: typeof people): number => Math.log(latest(range.high) / latest(range.low));

  it("is nearly that of people in general where notes taught nothing", () => {
    const same = minutesRange(known(taught(1)), 0);
    expect(Math.abs(latest(same.middle) - latest(people.middle))).toBeLessThan(0.12 * latest(people.middle));
    expect(width(same) / width(people)).toBeGreaterThan(0.8);
    expect(width(same) / width(people)).toBeLessThan(1.25);
  });

  it("is narrower the surer they are", () => {
    expect(width(minutesRange(known(taught(0.3)), 0))).toBeLessThan(0.9 * width(people));
  });

  it("is wider where notes showed the model to be off by more, and not by what it usually is", () => {
    const own = taught(0.3);
    const sure = minutesRange(known(own), 0);
    expect(minutesRange(known({ ...own, modelSpread: CHANCE_SPREAD.lnModel }), 0)).toEqual(sure);
    expect(width(minutesRange(known({ ...own, modelSpread: 0.5 }), 0))).toBeGreaterThan(1.2 * width(sure));
  });
});
