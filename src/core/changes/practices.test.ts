import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { simulateOuting } from "../simulation";
import { sitSpans, type Outing, type Wearing } from "../outing";
import type { Piece } from "../pieces";
import { practiceChoicesOf, type PracticeChoice, type PracticeQuestion } from "./practices";
import { whatBuysMinutes } from "./what-buys-minutes";

const TOTAL = 240;
const piece = (id: StarterPieceKey): Piece => {
  const { name, kind, label, massG, fingersTogether, traits } = starterPiece(id);
  return { id, name, kind, label, massG, fingersTogether: fingersTogether ?? false, ...traits };
};
const wear = (pieceId: string, rank: number, change: Partial<Wearing> = {}): Wearing => ({
  pieceId,
  side: "both",
  rank,
  fromMinute: 0,
  toMinute: TOTAL,
  ...change,
});

/** A walk of 40 minutes and a sit of 200 in what is given. */
function plan(ids: readonly StarterPieceKey[], change: (wearings: Wearing[]) => Wearing[] = (own) => own): Outing {
  const outing = sampleOuting();
  const [walk] = outing.phases;
  const sit = outing.phases.find(({ kind }) => kind === "sit")!;
  return {
    ...outing,
    phases: [
      { ...walk!, kind: "walkIn", minutes: 40, recurring: [] },
      { ...sit, minutes: 200, recurring: [] },
    ],
    pieces: ids.map(piece),
    wearings: change(ids.map((id, index) => wear(id, 10 * index))),
  };
}

const asked = (of: Outing, question: PracticeQuestion, kit: readonly Piece[] = []): PracticeChoice | undefined =>
  practiceChoicesOf(of, kit).find((practice) => practice.question === question);
const ways = (practice: PracticeChoice | undefined): string[] =>
  practice?.others.map(({ id }) => id.split(" ")[2]!) ?? [];

describe("practices", () => {
  it("ask when the warmest layer goes on, whatever hour the plan says", () => {
    const dressed = plan(["base200Top", "fleeceJacket", "downParka"]);
    expect(asked(dressed, "bigLayer")).toMatchObject({ own: "fromStart" });
    expect(ways(asked(dressed, "bigLayer"))).toEqual(["fromStartOpen", "seated", "later"]);
    const carried = plan(["base200Top", "fleeceJacket", "downParka"], (own) =>
      own.map((wearing) => (wearing.pieceId === "downParka" ? { ...wearing, fromMinute: 40 } : wearing)),
    );
    expect(asked(carried, "bigLayer")).toMatchObject({ own: "seated" });
    // Open on the way and closed at the seat is one way, though the piece is worn twice; another way replaces both.
    const opened = asked(dressed, "bigLayer")!
      .others.find(({ way }) => way === "fromStartOpen")!
      .apply(dressed);
    const again = asked(opened, "bigLayer")!;
    expect(again.own).toBe("fromStartOpen");
    expect(again.others.find(({ way }) => way === "fromStart")!.apply(opened).wearings).toMatchObject(dressed.wearings);
  });

  it("make each way a plan that is worn: open on the way and closed at the seat", () => {
    const dressed = plan(["base200Top", "downParka"]);
    const open = asked(dressed, "bigLayer")!
      .others.find(({ id }) => id.endsWith("fromStartOpen"))!
      .apply(dressed);
    const parka = open.wearings.filter(({ pieceId }) => pieceId === "downParka");
    expect(parka.map(({ fromMinute, toMinute, opened }) => [fromMinute, toMinute, opened?.length])).toEqual([
      [0, 40, 2],
      [40, TOTAL, 0],
    ]);
    expect(simulateOuting(open).sits).toHaveLength(1);
    expect(dressed).toEqual(plan(["base200Top", "downParka"]));
  });

  it("ask of socks, hands and hoods only where there is something to answer", () => {
    const bare = plan(["base200Top"]);
    expect(practiceChoicesOf(bare, [])).toEqual([]);
    const socks = plan(["base200Top", "heavySock"]);
    expect(ways(asked(socks, "socks"))).toEqual([]);
    expect(ways(asked(socks, "socks", [piece("linerSock")]))).toEqual(["two"]);
    expect(ways(asked(plan(["linerSock", "heavySock"]), "socks"))).toEqual(["one"]);
    expect(asked(plan(["downParka"]), "hood")).toMatchObject({ own: "up" });
    expect(asked({ ...bare, phases: bare.phases.slice(0, 1) }, "bigLayer")).toBeUndefined();
  });

  it("know an open jacket, one put on as cooling begins, one put on at no such hour, and hoods half up", () => {
    const ids = ["base200Top", "fleeceJacket", "downParka"] as const;
    const withParka = (change: Partial<Wearing>): Outing =>
      plan(ids, (own) => own.map((wearing) => (wearing.pieceId === "downParka" ? { ...wearing, ...change } : wearing)));
    expect(asked(withParka({ opened: ["neck"] }), "bigLayer")).toMatchObject({ own: "fromStartOpen" });
    expect(asked(withParka({ fromMinute: 60 }), "bigLayer")).toMatchObject({ own: "later" });
    expect(asked(withParka({ toMinute: 50 }), "bigLayer")).toBeUndefined(); // off before cooling begins
    const twoHoods = (parka: string[], other: string[]): Outing =>
      plan(["downParka", "synthParka"], (own) =>
        own.map((wearing) => ({ ...wearing, withoutParts: wearing.pieceId === "downParka" ? parka : other })),
      );
    const own = (of: Outing) => asked(of, "hood")?.own;
    expect(own(twoHoods(["hood"], ["hood"]))).toBe("down");
    expect(own(twoHoods(["hood"], []))).toBeNull();
    const up = asked(twoHoods(["hood"], ["hood"]), "hood")!.others.find(({ id }) => id.endsWith("up"))!;
    const raised = up.apply(twoHoods(["hood"], ["hood"]));
    expect(raised.wearings.every(({ withoutParts }) => withoutParts?.length === 0)).toBe(true);
  });

  it("ask of a thin outer layer only where it holds the wind and lies over another", () => {
    expect(ways(asked(plan(["base200Top", "fleeceJacket", "shellJacket"]), "shell"))).toEqual(["leftOff"]);
    expect(asked(plan(["base200Top", "fleeceJacket"]), "shell")).toBeUndefined(); // wind goes through
    expect(asked(plan(["base200Top", "downParka"]), "shell")).toBeUndefined(); // warmer than what it covers
    expect(asked(plan(["shellJacket"]), "shell")).toBeUndefined();
  });

  it("are worth what simulating the other way gives, and leaving a layer off never gains in a dry plan", () => {
    const dressed = plan(["base200Top", "fleeceJacket", "downParka"]);
    const minutes = (of: Outing): number => {
      const { verdict } = simulateOuting(of).sits[0]!;
      return verdict.kind === "ends" ? verdict.minutesStill : verdict.kind === "longerThan" ? verdict.minutes : 0;
    };
    const worths = whatBuysMinutes(dressed, 0).filter(({ change }) => change.kind === "practice");
    expect(worths.length).toBeGreaterThan(2);
    for (const { change, gainedMinutes } of worths) {
      const way = practiceChoicesOf(dressed, [])
        .flatMap(({ others }) => others)
        .find(({ id }) => id === change.id)!;
      expect(minutes(way.apply(dressed)) - minutes(dressed)).toBe(gainedMinutes);
      expect(gainedMinutes).toBeLessThanOrEqual(0);
    }
    expect(sitSpans(dressed.phases)).toHaveLength(1);
  });
});
