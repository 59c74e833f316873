import { describe, expect, it } from "vitest";
import { demoOuting } from "../../../tests/sample-outing";
import type { KnownPiece } from "../dressing";
import type { Outing } from "../outing";
import { starterPiece } from "../starter-kit";
import { MS_PER_DAY } from "../units";
import { bagOf, NO_BAG_LIMIT } from "./bag";
import { planAhead } from "./look-ahead";
import { plannedMinutesGiven, whatToLeave } from "./what-to-leave";
import { mendsOfNight, oneMorePair, weakestDay } from "./mending";
import { USUAL_NIGHT } from "./night";
import { readyOnDay } from "./ready-on-day";
import { planRotation } from "./rotation";
import { chargedOvernight, NO_SUPPLIES, suppliedOuting, suppliesAtStart } from "./supplies";
import { dayLived, liveTrip, type Trip } from "./trip";
import { waterG } from "./water-in-piece";

const char = demoOuting("Char through the ice");
const inARow = (outing: Outing, count: number): Outing[] =>
  Array.from({ length: count }, (_, day) => ({ ...outing, startsAtMs: (outing.startsAtMs ?? 0) + day * MS_PER_DAY }));
const tents = (count: number) => Array.from({ length: count }, () => ({ ...USUAL_NIGHT.tent, how: {} }));
const trip = (days: number, outing: Outing = char): Trip => ({ days: inARow(outing, days), nights: tents(days - 1) });
const known = ({ pieces }: Outing): KnownPiece[] => pieces.map((piece) => ({ ...piece, traits: {} }));
const sock = char.pieces.find(({ id }) => id === "heavySock")!;
const spare: KnownPiece = { ...sock, id: "spare pair", traits: {} };

describe("packs", () => {
  const packs = { ...char.pieces[0]!, id: "packs", heat: starterPiece("toePacks").traits!.heat };
  const outing: Outing = {
    ...char,
    pieces: [packs],
    wearings: [
      { pieceId: "packs", side: "both", rank: 5, fromMinute: 10, toMinute: 200 },
      { pieceId: "packs", side: "left", rank: 5, fromMinute: 200, toMinute: 300 },
    ],
  };
  it("are opened while there are any: three of four, a pair on both sides being two", () => {
    const {
      sources,
      left,
      outing: after,
    } = suppliedOuting(outing, suppliesAtStart({ ...NO_SUPPLIES, packs: { packs: 5 } }));
    expect(sources).toEqual([{ kind: "packs", pieceId: "packs", wanted: 3, opened: 3, left: 2 }]);
    expect(after).toBe(outing); // enough: as it is
    const next = suppliedOuting(outing, left);
    expect(next.sources).toEqual([{ kind: "packs", pieceId: "packs", wanted: 3, opened: 2, left: 0 }]);
    expect(next.outing.wearings).toHaveLength(1); // none on the left then: an empty one would only fill the boot
    expect(suppliedOuting(outing, next.left).sources[0]).toMatchObject({ wanted: 3, opened: 0, left: 0 });
  });

  it("are not counted where nobody says how many there are", () =>
    expect(suppliedOuting(outing, suppliesAtStart(NO_SUPPLIES)).sources[0]).toMatchObject({ opened: 3, left: null }));
});

describe("batteries", () => {
  const heated = { ...char.pieces[0]!, id: "vest", heat: { kind: "electric", levelsW: [6], batteryWh: 20 } as const };
  const outing: Outing = {
    ...char,
    pieces: [heated],
    wearings: [
      {
        pieceId: "vest",
        side: "both",
        rank: 5,
        fromMinute: 0,
        toMinute: 400,
        heat: [{ fromMinute: 60, toMinute: 180, level: 1 }],
      },
    ],
  };
  it("by hand: 2 h at 6 W is 12 of 20 Wh; a bank of 10 Wh gives 8.5 of it back, mains all", () => {
    const day = suppliedOuting(outing, suppliesAtStart(NO_SUPPLIES));
    expect(day.sources[0]).toMatchObject({ startWh: 20, usedWh: 12, emptyAtMinute: null });
    expect(day.left.batteriesWh.get("vest")).toBe(8);
    const bank = { powerBankWh: 10 };
    const evening = { ...day.left, ...bank };
    const night = chargedOvernight(evening, { hasMains: false }, [heated], bank);
    expect(night.chargedWh.get("vest")).toBeCloseTo(8.5, 9);
    expect(night.left.powerBankWh).toBeCloseTo(0, 9);
    const mains = chargedOvernight({ ...evening, powerBankWh: 0 }, { hasMains: true }, [heated], bank).left;
    expect([mains.batteriesWh.get("vest"), mains.powerBankWh]).toEqual([20, 10]);
  });

  it("of devices, by hand: 3 h at 5 W are 15 of 40 Wh a day; in the cold the third day finds too little, mains mend it", () => {
    const devices = [{ id: "camera", name: "camera", batteryWh: 20, batteries: 2, drawW: 5, hoursADay: 3 }];
    const own: Trip = { ...trip(4), supplies: { ...NO_SUPPLIES, devices } };
    const used = liveTrip(own).map((day) => day.devices[0]!);
    // 40 Wh less what the cold withholds (a pocket a little above freezing gives some nine tenths) and the last tenth.
    expect(used.slice(0, 2)).toEqual(
      [0, 1].map(() => ({ deviceId: "camera", wantedWh: 15, usedWh: 15, chargedWh: 0 })),
    );
    expect(used[2]!.usedWh).toBeLessThan(10);
    expect(used[3]!.usedWh).toBeCloseTo(0, 9);
    const charged = liveTrip({ ...own, nights: own.nights.map((night) => ({ ...night, hasMains: true })) });
    expect(charged.every(({ devices: [device] }) => device!.usedWh === 15)).toBe(true);
    expect(charged[0]!.devices[0]!.chargedWh).toBe(15);
  });

  it("that were not charged run out on the second day, before they would have", () => {
    const second = suppliedOuting(outing, suppliedOuting(outing, suppliesAtStart(NO_SUPPLIES)).left);
    const [source] = second.sources;
    if (source?.kind !== "battery") throw new Error("no battery");
    // 8 Wh at 6 W are 80 min, less what the cold withholds; it was wanted from minute 60 on.
    expect(source.emptyAtMinute!).toBeGreaterThan(60);
    expect(source.emptyAtMinute!).toBeLessThanOrEqual(140);
    expect(second.outing.pieces[0]!.heat).toMatchObject({ batteryWh: 8 });
  });
});

describe("a rotation", () => {
  it("takes the dry pair on the second day, and the first again where it has dried", () => {
    const { swaps } = planRotation(trip(3), [...known(char), spare]);
    expect(swaps[0]).toMatchObject({ day: 1, wornId: sock.id, insteadId: "spare pair" });
    expect(swaps.every(({ day }) => day > 0)).toBe(true);
  });

  it("never gives fewer minutes of a plan than no rotation, day by day; with nothing spare it changes nothing", () => {
    const own = trip(3);
    const before = liveTrip(own);
    const after = liveTrip({ ...own, days: planRotation(own, [...known(char), spare]).days });
    after.forEach(({ minutesStill, plannedMinutes }, day) =>
      expect(Math.min(plannedMinutes, minutesStill)).toBeGreaterThanOrEqual(
        Math.min(plannedMinutes, before[day]!.minutesStill),
      ),
    );
    expect(planRotation(own, known(char)).swaps).toEqual([]);
  });

  it("saves the dry pair for a colder day", () => {
    // Slush on each of the first two days, nothing dries: who changes on the second has two wet pairs on the third, which
    // has no toe packs and is the only one that falls short of its plan.
    const slush = { pieceIds: [sock.id, spare.id], share: 1 };
    const [one, two, three] = inARow(char, 3) as [Outing, Outing, Outing];
    const packed = Object.fromEntries([...char.pieces, spare].map(({ id }) => [id, "packed" as const]));
    const nights = tents(2).map((night) => ({ ...night, how: packed }));
    const cold = { ...three, wearings: three.wearings.filter(({ pieceId }) => pieceId !== "toePacks") };
    const days = [{ ...one, wetFromStart: slush }, { ...two, wetFromStart: slush }, cold];
    const given = (plan: { readonly days: readonly Outing[] }): number =>
      plannedMinutesGiven(liveTrip({ days: plan.days, nights }));
    const kit = [...known(char), spare];
    const dayByDay = planRotation({ days, nights }, kit);
    const ahead = planAhead({ days, nights }, kit);
    expect(dayByDay.swaps.some(({ day }) => day === 1)).toBe(true);
    expect(ahead.swaps.map(({ day, insteadId }) => [day, insteadId])).toEqual([[2, spare.id]]);
    expect(given(ahead)).toBeGreaterThan(given(dayByDay) + 2);
  });

  it("finds what one more pair would change", () => {
    const [first] = oneMorePair(trip(2), known(char));
    expect(first!.drierMornings).toBeGreaterThan(0);
    expect(first!.gainedMinutes).toBeGreaterThanOrEqual(0);
  });
});

describe("the weakest day", () => {
  it("is the one with the least to spare, and the night before it may mend it", () => {
    const own = trip(3);
    const days = liveTrip(own);
    const weakest = weakestDay(days);
    const spareOf = (day: number): number => days[day]!.minutesStill - days[day]!.plannedMinutes;
    days.forEach((_, day) => expect(spareOf(weakest)).toBeLessThanOrEqual(spareOf(day)));
    for (const { pieceId, how, gainedMinutes } of mendsOfNight(own, days, 2)) {
      const nights = [own.nights[0]!, { ...own.nights[1]!, how: { [pieceId]: how } }];
      expect(liveTrip({ ...own, nights })[2]!.minutesStill - days[2]!.minutesStill).toBe(gainedMinutes);
    }
  });
});

describe("a bag", () => {
  const kit = known(char);
  it("weighs what is not worn as one sets out, or all of it", () => {
    const packed = bagOf(trip(2), kit, NO_BAG_LIMIT);
    const all = bagOf(trip(2), kit, { ...NO_BAG_LIMIT, countsWorn: true });
    const sum = kit.reduce((own, { massG = 0 }) => own + massG, 0);
    expect(all.massG).toBeCloseTo(sum, 6);
    expect(packed.massG).toBeLessThan(sum);
    expect(all.volumeL).toBe(packed.volumeL);
    expect(packed.lines).toHaveLength(kit.length);
  });

  it("is brought within its limit by what costs least, and no day is left bare", () => {
    const own = trip(2);
    const whole = bagOf(own, kit, { ...NO_BAG_LIMIT, countsWorn: true });
    const limit = { ...NO_BAG_LIMIT, countsWorn: true, mostKg: (whole.massG - 300) / 1000 };
    const { left, fits, each, together } = whatToLeave(own, kit, limit);
    expect(fits).toBe(true);
    expect(left.length).toBeGreaterThan(0);
    expect(left.some(({ pieceId }) => kit.find(({ id }) => id === pieceId)!.kind === "footwear")).toBe(false);
    expect(each.length).toBeGreaterThan(left.length);
    // All of them cost what a trip without them gives less.
    const without = own.days.map((day) => ({
      ...day,
      pieces: day.pieces.filter(({ id }) => !left.some(({ pieceId }) => pieceId === id)),
      wearings: day.wearings.filter(({ pieceId }) => !left.some((leaving) => leaving.pieceId === pieceId)),
    }));
    const given = (days: readonly Outing[]): number =>
      liveTrip({ ...own, days }).reduce(
        (sum, { verdict, minutesStill, plannedMinutes }) =>
          sum + (verdict.kind === "longerThan" ? plannedMinutes : Math.min(plannedMinutes, minutesStill)),
        0,
      );
    expect(together.lostMinutes).toBe(given(own.days) - given(without));
    expect(left.reduce((sum, own) => sum + own.lostMinutes, 0)).toBeCloseTo(together.lostMinutes, 6);
  });

  it("cannot be made as light as nothing: it says so", () =>
    expect(whatToLeave(trip(1), kit, { ...NO_BAG_LIMIT, countsWorn: true, mostPieces: 1 }).fits).toBe(false));
});

describe("a day that is dressed otherwise", () => {
  it("begins with what the days before it leave: water as it is lived, no packs that are used up", () => {
    const counted: Trip = { ...trip(3), supplies: { ...NO_SUPPLIES, packs: { toePacks: 2 } } };
    const [, , third] = liveTrip(counted);
    const { outing, kit, water, usedUp } = readyOnDay(counted, 2, [...known(char), spare]);
    expect(usedUp).toEqual(["toePacks"]);
    expect(kit.some(({ id }) => id === "toePacks")).toBe(false);
    expect(water.length).toBeGreaterThan(0);
    for (const { pieceId, gPerM2 } of water) {
      const { startG } = third!.pieces.find((own) => own.pieceId === pieceId)!;
      expect(waterG(char.person.body, gPerM2)).toBeCloseTo(startG, 6);
    }
    // Worn as it is, but without its packs, it is the third day of the trip.
    const worn = { ...outing, wearings: outing.wearings.filter(({ pieceId }) => pieceId !== "toePacks") };
    expect(dayLived(worn).verdict).toEqual(third!.verdict);
    // The first day begins with nothing.
    expect(readyOnDay(counted, 0, known(char))).toMatchObject({ outing: counted.days[0], water: [], usedUp: [] });
  });
});
