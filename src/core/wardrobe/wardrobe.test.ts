import { beforeAll, describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { OutfitJudge, type DresserPiece } from "../dresser";
import { pieceOfStarter } from "../morning";
import { inWeather, type ReachAxes } from "../reach";
import { inventedYear } from "../season";
import { starterPiece, type StarterPieceKey } from "../starter-kit";
import { doneAlone } from "./chunked-work";
import { codeOf, problemOf, type Kit } from "./kit";
import { kitMapAnswer, kitMapWork, type KitMap } from "./kit-map";
import { minutesIn } from "./kit-season";
import { purchaseAnswer, purchaseWork, type PurchaseInput, type SeasonWithPurchases } from "./purchases";
import { doorTableAnswer, doorTableWork, type DoorTable } from "./door-table";
import { MOST_LOST_SHARE, whatToLeave } from "./what-to-leave";

// Invented throughout: a small kit of generic pieces, so that every outfit of it can be looked at.

const pieceOf = (key: StarterPieceKey): DresserPiece => {
  const starter = starterPiece(key);
  return { ...pieceOfStarter(starter, key), traits: starter.traits ?? {} };
};
const KEYS = ["base200Top", "walkTrousers", "midBoot", "heavySock", "synthParka", "mitts200"] as const;

function kitFor(wantedMinutes: number): Kit {
  const outing = sampleOuting();
  const phases = outing.phases.slice(0, outing.phases.findIndex(({ kind }) => kind === "sit") + 1);
  return {
    outing: { ...outing, phases, pieces: [], wearings: [] },
    pieces: KEYS.map(pieceOf),
    wantedMinutes,
  };
}

describe("the map of a kit", () => {
  const axes: ReachAxes = { airTemperaturesC: [8, -4, -14, -24], windsMPerS: [0.8, 6.4] };
  const kit = kitFor(90);
  let map: KitMap;
  beforeAll(() => {
    const input = { kit, windPlace: "tenMetres", axes } as const;
    map = doneAlone(kitMapWork(input), (chunk) => kitMapAnswer(input, chunk));
  });

  it("tells in every cell the lightest outfit that lasts as wanted, else the one that lasts longest", () => {
    const problem = problemOf(kit);
    const judge = new OutfitJudge(problem);
    expect(map.cells).toHaveLength(8);
    expect(map.outfits.length).toBeGreaterThan(2);
    for (const { airTemperatureC, windMPerS, minutesStill, limit, outfit } of map.cells) {
      const all = map.outfits.map((numbers) => {
        const outing = problem.outings.outingIn(codeOf(numbers));
        return judge.judgeOuting(inWeather(outing, { airTemperatureC, windMPerS }, "tenMetres"));
      });
      const first = all.findIndex(({ minutes }) => minutes >= kit.wantedMinutes);
      const most = Math.max(...all.map(({ minutes }) => minutes));
      const expected = all[first >= 0 ? first : outfit!]!; // of those that last alike any
      const where = `${airTemperatureC} °C, ${windMPerS} m/s`;
      expect({ minutesStill, limit }, where).toEqual({
        minutesStill: expected.isLonger ? null : expected.minutes,
        limit: expected.limit,
      });
      expect(all[outfit!]!.minutes, where).toBe(first >= 0 ? all[first]!.minutes : most);
    }
    const outfits = new Set(map.cells.map(({ outfit }) => outfit));
    expect(outfits.size).toBeGreaterThan(1);
  });
});

describe("the season of a kit", () => {
  const kit = kitFor(150);
  const site = { name: "invented", latitudeDeg: 62, longitudeDeg: 11, altitudeM: 300, utcOffsetHours: 1 };
  const input: PurchaseInput = {
    kit,
    weather: inventedYear(site, Date.UTC(2026, 10, 20)),
    habit: {
      weekdays: [6],
      from: { month: 12, day: 1 },
      to: { month: 1, day: 12 },
      begins: { by: "sunrise", minutes: -30 },
      wantedMinutes: 150,
    },
    candidates: (["heavyBoot", "downParka", "longHat"] as const).map(pieceOf),
  };
  let found: SeasonWithPurchases;
  let asked = 0;
  const answer: typeof purchaseAnswer = (of, chunk) => {
    asked++;
    return purchaseAnswer(of, chunk);
  };
  beforeAll(() => {
    found = doneAlone(purchaseWork(input), (chunk) => answer(input, chunk));
  });

  it("has every Saturday with an outfit for it, no worse than any other that was found", () => {
    const { days, table, outfits, withoutWeather } = found.season;
    expect([days.length, withoutWeather]).toEqual([6, 0]);
    days.forEach(({ outfit, minutesStill, isCovered }, index) => {
      const row = table[index]!;
      expect(row).toHaveLength(outfits.length);
      const most = Math.max(...row.map(minutesIn));
      expect(isCovered).toBe(most >= kit.wantedMinutes);
      expect(minutesStill ?? Infinity).toBe(isCovered ? minutesIn(row[outfit!]) : most);
    });
  });

  it("is gone on with after it broke off, and comes to the same", () => {
    const work = purchaseWork(input);
    const answers: (readonly unknown[])[] = [];
    let step = work.next();
    for (let stage = 0; stage < 2 && !step.done; stage++) {
      answers.push(step.value.map((chunk) => purchaseAnswer(input, chunk)));
      step = work.next(answers.at(-1) as never);
    }
    const before = asked;
    const again = purchaseWork(structuredClone(input));
    let later = again.next();
    for (let stage = 0; !later.done; stage++) {
      const known = answers[stage];
      later = again.next((known ?? later.value.map((chunk) => answer(input, chunk))) as never);
    }
    expect(later.value).toEqual(found);
    expect(asked - before).toBeLessThan(before);
  });

  it("never wins more than is lost, and what is bought is simulated", () => {
    const { season, purchases } = found;
    const lost = season.days.filter(({ isCovered }) => !isCovered);
    const lostMinutes = lost.reduce((sum, { minutesStill }) => sum + 150 - minutesStill!, 0);
    expect(lost.length).toBeGreaterThan(0);
    expect(purchases.length).toBeGreaterThan(0);
    for (const { pieces, moreOutings, wonMinutes } of purchases) {
      expect(pieces.length).toBeGreaterThan(0);
      expect(moreOutings).toBeLessThanOrEqual(lost.length);
      expect(wonMinutes).toBeGreaterThan(0);
      expect(wonMinutes).toBeLessThanOrEqual(lostMinutes);
    }
  });

  it("can do without what no day is better for, and tells what each piece is worth", () => {
    const { pieces, lostShare } = whatToLeave(kit, found.season);
    expect(pieces).toHaveLength(KEYS.length);
    expect(lostShare).toBeLessThanOrEqual(MOST_LOST_SHARE);
    const kept = pieces.filter(({ canGo }) => !canGo).map(({ piece }) => piece);
    const whole = (usable: (outfit: readonly number[]) => boolean): number =>
      found.season.table.reduce(
        (sum, row) =>
          sum +
          Math.min(150, Math.max(0, ...row.filter((_, index) => usable(found.season.outfits[index]!)).map(minutesIn))),
        0,
      );
    const left = whole((outfit) => outfit.slice(0, KEYS.length).every((on, piece) => on === 0 || kept.includes(piece)));
    expect(1 - left / whole(() => true)).toBeCloseTo(lostShare, 10);
    for (const { piece, wears, lostMinutes } of pieces) {
      expect(lostMinutes).toBe(whole(() => true) - whole((outfit) => outfit[piece] === 0));
      if (wears === 0) expect(lostMinutes).toBe(0);
    }
  });
});

it("leaves the smallest set of pieces, where giving away one after the other does not find it", () => {
  // Invented: of five pieces one outfit of two does the two days; by turns the heaviest of what costs nothing goes first, which is one of them.
  const pieces = [900, 800, 100, 100, 100].map((massG, place) => ({
    ...pieceOf("synthParka"),
    id: String(place),
    massG,
  }));
  const outfits = [
    [1, 1, 0, 0, 0],
    [0, 0, 1, 1, 1],
  ];
  const day = { minutesStill: 100, limit: "toes", part: null, isWorn: true } as const;
  const best = {
    date: "2027-01-02",
    seatAtMs: 0,
    airTemperatureC: -5,
    windMPerS: 1,
    outfit: 0,
    isCovered: true,
  } as const;
  const season = { outfits, days: [{ ...best, ...day }], table: [[day, day]], withoutWeather: 0 };
  const { pieces: told, lostShare } = whatToLeave({ ...kitFor(90), pieces }, season);
  expect(told.filter(({ canGo }) => !canGo).map(({ piece }) => piece)).toEqual([0, 1]);
  expect(lostShare).toBe(0);
});

describe("the table by the door", () => {
  const kit = kitFor(90);
  let table: DoorTable;
  beforeAll(() => {
    const input = { kit, airTemperaturesC: [12, 8, 4, 0, -6], windsMPerS: [1] };
    table = doneAlone(doorTableWork(input), (chunk) => doorTableAnswer(input, chunk));
  });

  it("wears in each row what lasts as wanted, as simulated, and nothing it would last as long without", () => {
    const [rows] = table.columns;
    expect(rows).toHaveLength(5);
    const problem = problemOf(kit);
    const judge = new OutfitJudge(problem);
    let served = 0;
    for (const { airTemperatureC, windMPerS, outfit, minutesStill } of rows!) {
      const lastsIn = (numbers: readonly number[]): number => {
        const outing = problem.outings.outingIn(codeOf(numbers));
        return judge.judgeOuting(inWeather(outing, { airTemperatureC, windMPerS }, "tenMetres")).minutes;
      };
      const numbers = table.outfits[outfit!]!;
      if (minutesStill !== null) expect(lastsIn(numbers)).toBe(minutesStill);
      if (lastsIn(numbers) < 90) continue;
      served += 1;
      const lastPiece = numbers.findLastIndex((placement, piece) => piece < kit.pieces.length && placement > 0);
      for (let piece = 0; piece <= lastPiece; piece++) {
        if (numbers[piece] === 0) continue;
        const without = numbers.map((placement, place) => (place === piece ? 0 : placement));
        if (problem.isValid(codeOf(without))) expect(lastsIn(without)).toBeLessThan(90);
      }
    }
    expect(served).toBeGreaterThan(1);
  });

  it("changes no more from row to row than the lightest that serves in each would", () => {
    const [rows] = table.columns;
    const problem = problemOf(kit);
    const judge = new OutfitJudge(problem);
    const changes = (outfits: readonly number[]): number =>
      outfits.slice(1).reduce((sum, outfit, row) => {
        const [one, other] = [table.outfits[outfits[row]!]!, table.outfits[outfit]!];
        return sum + one.filter((placement, piece) => placement !== other[piece]).length;
      }, 0);
    const lightest = rows!.map(({ airTemperatureC, windMPerS, outfit }) => {
      const minutes = table.outfits.map((numbers) => {
        const outing = problem.outings.outingIn(codeOf(numbers));
        return judge.judgeOuting(inWeather(outing, { airTemperatureC, windMPerS }, "tenMetres")).minutes;
      });
      const most = Math.max(...minutes);
      const least = most >= 90 ? 90 : 0.95 * most;
      expect(minutes[outfit!]).toBeGreaterThanOrEqual(least);
      return minutes.findIndex((own) => own >= least);
    });
    expect(changes(rows!.map(({ outfit }) => outfit!))).toBeLessThanOrEqual(changes(lightest));
  });
});
