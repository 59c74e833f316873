import { describe, expect, it } from "vitest";
import { demoOuting, sampleOuting } from "../../../tests/sample-outing";
import { readLabel } from "../labels";
import { seededRandom } from "../numeric";
import type { Outing } from "../outing";
import { starterPiece } from "../starter-kit";
import { simulateOuting, simulateWithWater } from "../simulation";
import { MS_PER_DAY } from "../units";
import { driesFromOneSideGPerM2H } from "../water";
import { dryOvernight } from "./overnight";
import { DRIED_HOW, USUAL_NIGHT, type Night } from "./night";
import { readyOnDay } from "./ready-on-day";
import { liveTrip, type PieceOnDay, type TripNight } from "./trip";
import { dampnessOf } from "./water-in-piece";
import { wrungOutGPerM2 } from "./wrung-out";

const sock = starterPiece("heavySock");
const liner = { kind: "liner", label: sock.label } as const;
const usually = (night: Night): TripNight => ({ ...night, how: {} });
const inARow = (outing: Outing, count: number): Outing[] =>
  Array.from({ length: count }, (_, day) => ({ ...outing, startsAtMs: (outing.startsAtMs ?? 0) + day * MS_PER_DAY }));

describe("a night", () => {
  it("dries what hangs from two sides for as long as it hangs: worked by hand", () => {
    // Thin cloth at 20 °C and 40 %: at 14.8 °C the heat it takes, 8.3 W/(m²·K) over 5.2 K, is what evaporates, 57.8 W/(m²·kPa)
    // over 1.684 − 0.936 kPa: 43 W/m², at 2430 J/g 64 g/(m²·h) from one side (Lewis relation, ASHRAE Fundamentals; steam table).
    const rate = driesFromOneSideGPerM2H(20, 40);
    expect(rate).toBeGreaterThan(62);
    expect(rate).toBeLessThan(66);
    // A sock is thicker and dries from ever deeper: of what thin cloth gives off from two sides in 3 h, no more.
    const [left] = dryOvernight(sock, [1000], "hung", USUAL_NIGHT.house, 3);
    expect(1000 - left!).toBeLessThanOrEqual(6 * rate);
    const [later] = dryOvernight(sock, [1000], "hung", USUAL_NIGHT.house, 6);
    expect(1000 - later!).toBeCloseTo(2 * (1000 - left!), 6);
  });

  it("in a hut with a stove, by hand: 5 h of fire at 24 °C and 35 %, the rest at 5 °C and 70 %", () => {
    // Fire: at 17.35 °C 8.3 W/(m²·K) over 6.65 K is 57.8 W/(m²·kPa) over 1.981 − 1.045 kPa: 54 W/m², at 2454 J/g 80 g/(m²·h).
    // Cold: at 3.7 °C 8.3 over 1.3 K is 57.8 over 0.798 − 0.611 kPa: 10.8 W/m², at 2492 J/g 15.6 g/(m²·h) (steam table).
    expect(driesFromOneSideGPerM2H(24, 35)).toBeGreaterThan(77);
    expect(driesFromOneSideGPerM2H(24, 35)).toBeLessThan(83);
    expect(driesFromOneSideGPerM2H(5, 70)).toBeGreaterThan(14.5);
    expect(driesFromOneSideGPerM2H(5, 70)).toBeLessThan(16.7);
    // A night of 14 h is 5 h of the one and 9 h of the other, in whatever is as thick.
    const dried = (night: Night, hours: number): number => 5000 - dryOvernight(sock, [5000], "hung", night, hours)[0]!;
    const cold = { ...USUAL_NIGHT.heatedHut, fireHours: 0 };
    expect(dried(USUAL_NIGHT.heatedHut, 14)).toBeCloseTo(dried(USUAL_NIGHT.heatedHut, 5) + dried(cold, 9), 6);
    expect(dried(USUAL_NIGHT.heatedHut, 5) / dried(cold, 5)).toBeGreaterThan(4.5);
    expect(dried(USUAL_NIGHT.heatedHut, 5) / dried(cold, 5)).toBeLessThan(5.7);
  });

  it("takes from wet cloth what still water gives to still air, between a pool at rest and one in use (ASHRAE)", () => {
    // ASHRAE Applications, natatoriums (from memory): 0.089 kg·kJ/(s·m²·kPa) over the heat of evaporation in still air for a
    // pool in public use; a pool at rest gives half of that (activity factor 0.5). Here from cloth at its own temperature.
    const atWaterKPa = { 14.8: 1.684, 17.35: 1.981, 3.7: 0.798 } as const; // steam table
    for (const [airC, humidity, clothC, airKPa] of [
      [20, 40, 14.8, 0.936],
      [24, 35, 17.35, 1.045],
      [5, 70, 3.7, 0.611],
    ] as const) {
      const poolGPerM2H = ((0.089 * (atWaterKPa[clothC] - airKPa)) / 2.47e3) * 3600 * 1000;
      const ours = driesFromOneSideGPerM2H(airC, humidity);
      expect(ours).toBeGreaterThan(0.5 * poolGPerM2H);
      expect(ours).toBeLessThan(poolGPerM2H);
    }
  });

  it("takes as long for each further gram of the same cloth (constant rate, as measured on fabrics of any fibre)", () => {
    // Fourt, Sookne, Frishman & Harris, The rate of drying of fabrics, Textile Research Journal 21 (1951), from memory: while
    // there is water enough the rate is that of the air, whatever the fibre, so the time goes with the water.
    const hoursFor = (gPerM2: number): number => {
      let hours = 0;
      while (dryOvernight(sock, [gPerM2], "hung", USUAL_NIGHT.house, hours)[0]! > 0) hours += 0.01;
      return hours;
    };
    expect(hoursFor(300) / hoursFor(100)).toBeCloseTo(3, 1);
  });

  it("dries a pulled liner at room temperature, and one left in the boot not (common practice, no source)", () => {
    const soaked = [250]; // a wet sock's worth
    expect(dryOvernight(liner, soaked, "pulledOut", USUAL_NIGHT.house, 10)).toEqual([0]);
    expect(dryOvernight(liner, soaked, "leftTogether", USUAL_NIGHT.house, 10)[0]!).toBeGreaterThan(60);
    expect(dryOvernight(liner, soaked, "packed", USUAL_NIGHT.house, 10)).toEqual(soaked);
  });

  it("never ends wetter in drier or warmer air, after more hours, more fire or with a drier (law on 500 nights)", () => {
    const random = seededRandom(11);
    for (let turn = 0; turn < 500; turn++) {
      const how = DRIED_HOW[Math.floor(random() * DRIED_HOW.length)]!;
      const night: Night = {
        ...USUAL_NIGHT.heatedHut,
        air: { airC: -15 + 35 * random(), relativeHumidityPercent: 30 + 65 * random() },
        fireHours: 6 * random(),
      };
      const { airC, relativeHumidityPercent } = night.air;
      const hours = 12 * random();
      const after = (own: Night, long = hours): number => dryOvernight(liner, [400], how, own, long)[0]!;
      const here = after(night) + 1e-9;
      expect(after({ ...night, air: { airC: Math.min(24, airC + 3), relativeHumidityPercent } })).toBeLessThanOrEqual(
        here,
      );
      expect(
        after({ ...night, air: { airC, relativeHumidityPercent: relativeHumidityPercent - 10 } }),
      ).toBeLessThanOrEqual(here);
      expect(after(night, hours + 1)).toBeLessThanOrEqual(here);
      if (airC < 20) expect(after({ ...night, fireHours: night.fireHours + 1 })).toBeLessThanOrEqual(here);
      // What lies in the bag is at no drier.
      if (how !== "sleepingBag") expect(after({ ...night, hasDrier: true })).toBeLessThanOrEqual(here);
    }
  });
});

describe("days in a row", () => {
  it("are that outing where there is one", () => {
    const outing = sampleOuting();
    const [day] = liveTrip({ days: [outing], nights: [] });
    const { sits, decidingSit } = simulateOuting(outing);
    expect(day!.verdict).toEqual(sits[decidingSit]!.verdict);
    expect(day!.nightHours).toBeNull();
  });

  it("carry on the water that does not dry, no more and no less", () => {
    const lived = liveTrip({
      days: inARow(demoOuting("Char through the ice"), 3),
      nights: [usually(USUAL_NIGHT.tent), usually(USUAL_NIGHT.tent)],
    });
    let carried = 0;
    lived.slice(1).forEach(({ pieces }, before) => {
      for (const { pieceId, startG } of pieces) {
        const { endG, driedG } = lived[before]!.pieces.find((own) => own.pieceId === pieceId)!;
        expect(startG).toBeCloseTo(endG - driedG, 6);
        expect(driedG).toBeGreaterThanOrEqual(0);
        carried += startG;
      }
    });
    expect(carried).toBeGreaterThan(5); // a tent in frost dries no sock
  });

  it("are two days by hand: water in, water out, minutes of the second in a damp sock and in a dry one", () => {
    // In: slush soaks the heavy sock before the first day: its own mass, 210 g/m² of wool. In a boot none of it goes: 210 g/m² in
    // the evening. Out: 250 min of outing leave 24 h − 4 h 10 = 19.83 h in a tent at −8 °C and 90 %. The sock has 0.0875 m²·K/W;
    // a quarter of that, 0.0219, lies over its water on the mean. Heat 1/(1/8.3 + 0.0219) = 7.02 W/(m²·K); vapour
    // 1/(1/57.8 + 0.0219/(16.5·0.38)) = 48.0 W/(m²·kPa). At −8 °C steam has 0.334 kPa, 0.0253 less a K colder: the cloth is x
    // below the air where 7.02·x = 48.0·(0.1·0.334 − 0.0253·x), x = 0.194 K: 1.36 W/m², at 2490 J/g 1.97 g/(m²·h), from two
    // sides 3.94. 19.83 h take 78 g/m²: 132 g/m² are left.
    const [one, two] = inARow(demoOuting("Char through the ice"), 2) as [Outing, Outing];
    const days = [{ ...one, wetFromStart: { pieceIds: ["heavySock"], share: 1 } }, two];
    const trip = { days, nights: [usually(USUAL_NIGHT.tent)] };
    const evening = simulateWithWater(days[0]!, { allCurves: false }).waterAtEnd;
    expect(Math.max(...evening.find(({ pieceId }) => pieceId === "heavySock")!.gPerM2)).toBeCloseTo(210, 0);
    const morning = readyOnDay(trip, 1, []).water.find(({ pieceId }) => pieceId === "heavySock")!.gPerM2;
    const wet = morning.filter((own) => own > 0);
    expect(wet).toHaveLength(2); // both feet
    for (const own of wet) expect(own).toBeCloseTo(132, -0.5);
    // The second day is that outing begun with the water reckoned by hand, and a dry sock lasts longer.
    const [, second] = liveTrip(trip);
    const byHand = evening.map(({ pieceId, gPerM2 }) => ({
      pieceId,
      gPerM2: gPerM2.map((own) => (pieceId === "heavySock" && own > 0 ? 132 : 0)),
    }));
    const damp = liveTrip({ days: [{ ...two, waterAtStart: byHand }], nights: [] })[0]!.minutesStill;
    expect(Math.abs(second!.minutesStill - damp)).toBeLessThanOrEqual(1);
    const dry = liveTrip({ days: [two], nights: [] })[0]!.minutesStill;
    expect(dry).toBeGreaterThan(second!.minutesStill + 2);
  });

  it("wash socks where there is water for it: they hold their own mass, and dry by the house until they are worn", () => {
    const days = inARow(demoOuting("Char through the ice"), 2);
    const heavy = days[0]!.pieces.find(({ name }) => name.startsWith("Heavy wool sock"))!;
    const washedIn = (night: Night): PieceOnDay =>
      liveTrip({ days, nights: [{ ...night, how: {}, washed: [heavy.id] }] })[0]!.pieces.find(
        ({ pieceId }) => pieceId === heavy.id,
      )!;
    const inHouse = washedIn(USUAL_NIGHT.house);
    const cloth = readLabel(heavy.label).find(({ patch }) => patch === "sole")!.layers;
    const ownGPerM2 = cloth.reduce((sum, { absorbingGPerM2 = 0 }) => sum + absorbingGPerM2, 0);
    expect(Math.max(...wrungOutGPerM2(heavy.label))).toBeCloseTo(ownGPerM2, 6);
    expect(inHouse.washedG).toBeGreaterThan(30);
    expect(inHouse.driedG).toBeGreaterThan(0.9 * inHouse.washedG);
    // A tent has no water for it; with a pot of it the sock is still wet in the morning.
    expect(washedIn(USUAL_NIGHT.tent).washedG).toBe(0);
    const inTent = washedIn({ ...USUAL_NIGHT.tent, hasWashing: true });
    expect(inTent.washedG).toBeGreaterThan(0);
    expect(inTent.driedG).toBeLessThan(inTent.washedG);
    // What is washed closes the balance of water too.
    const tent: TripNight = { ...USUAL_NIGHT.tent, hasWashing: true, how: {}, washed: [heavy.id] };
    const second = liveTrip({ days, nights: [tent] })[1]!.pieces.find(({ pieceId }) => pieceId === heavy.id)!;
    expect(second.startG).toBeCloseTo(inTent.endG + inTent.washedG - inTent.driedG, 6);
    // Boots are never washed.
    const boot = days[0]!.pieces.find(({ kind }) => kind === "footwear")!;
    const night: TripNight = { ...USUAL_NIGHT.house, how: {}, washed: [boot.id] };
    expect(liveTrip({ days, nights: [night] })[0]!.pieces.find(({ pieceId }) => pieceId === boot.id)!.washedG).toBe(0);
  });

  it("are shorter in what is still wet: toes on day two after a night in the pack and after one at the fire", () => {
    const days = inARow(demoOuting("Char through the ice"), 2).map((outing, day) => ({
      ...outing,
      // On the first day one goes through slush: all that is on the feet is soaked.
      ...(day === 0 && {
        wetFromStart: {
          pieceIds: outing.pieces.filter(({ kind }) => kind === "sock" || kind === "liner").map(({ id }) => id),
          share: 1,
        },
      }),
    }));
    const packed = Object.fromEntries(days[0]!.pieces.map(({ id }) => [id, "packed" as const]));
    const after = (night: TripNight): number => liveTrip({ days, nights: [night] })[1]!.minutesStill;
    const dry = after({ ...USUAL_NIGHT.house, how: {} });
    expect(after({ ...USUAL_NIGHT.house, how: packed })).toBeLessThan(dry - 5);
    expect(dry).toBe(liveTrip({ days: days.slice(1), nights: [] })[0]!.minutesStill);
  });

  it("call water by what a hand feels", () => {
    expect([0, 20, 100].map(dampnessOf)).toEqual(["dry", "damp", "wet"]);
  });
});
