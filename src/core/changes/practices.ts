import { coveredPatches, FACE_PERMEABILITY_L_PER_M2S, readLabel } from "../labels";
import { sitSpans, type Outing, type Wearing } from "../outing";
import type { Piece, PieceKind } from "../pieces";
import type { Patch } from "../patches";
import type { Change } from "./change";

// Where practitioners disagree, each way is a change of the plan at hand: nobody is told what is right, only what each
// costs or gains here. The questions are common practice, no source.

/** A question practitioners answer differently, with the ways a plan can follow. */
export const PRACTICES = {
  bigLayer: ["fromStart", "fromStartOpen", "seated", "later"],
  socks: ["one", "two"],
  hands: ["allLayers", "outerAlone", "innerAlone"],
  shell: ["worn", "leftOff"],
  hood: ["up", "down"],
} as const;
export type PracticeQuestion = keyof typeof PRACTICES;
export type Practice = (typeof PRACTICES)[PracticeQuestion][number];

/** How a plan stands to a question. */
export type PracticeChoice = {
  readonly question: PracticeQuestion;
  /** Way the plan follows; `null` where it follows none of them. */
  readonly own: Practice | null;
  readonly others: readonly PracticeChange[];
};
/** Another way, as a change of the plan. */
export type PracticeChange = Change & { readonly way: Practice };

/** "Once cooling begins", as a plan made beforehand can say it (assumption). */
const COOLING_BEGINS_MINUTES = 15;
const WOVEN_L_PER_M2S = FACE_PERMEABILITY_L_PER_M2S.woven;

type Worn = { readonly piece: Piece; readonly wearing: Wearing; readonly index: number };

/** What is worn at some minute of the sit, from the skin out. */
function wornInSit({ pieces, wearings }: Outing, from: number, to: number): Worn[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  return wearings
    .flatMap((wearing, index): Worn[] => {
      const piece = byId.get(wearing.pieceId);
      return piece && wearing.fromMinute < to && from < wearing.toMinute ? [{ piece, wearing, index: index }] : [];
    })
    .sort((one, other) => one.wearing.rank - other.wearing.rank);
}

const ofKind = (worn: readonly Worn[], kind: PieceKind): Worn[] => worn.filter(({ piece }) => piece.kind === kind);

/** Resistance a label gives a patch, m²·K/W. */
const insulationAt = ({ label }: Piece, patch: Patch): number =>
  readLabel(label)
    .filter((reading) => reading.patch === patch)
    .reduce((most, { insulationM2KPerW }) => Math.max(most, insulationM2KPerW), 0);

/** The same piece as it is worn before and at that place, worn otherwise instead. */
function replaced(plan: Outing, index: number, ...instead: readonly Wearing[]): Outing {
  const { pieceId, fromMinute } = plan.wearings[index]!;
  return {
    ...plan,
    wearings: plan.wearings.flatMap((wearing, own) =>
      own === index ? instead : isBefore(wearing, pieceId, fromMinute) ? [] : [wearing],
    ),
  };
}

const isBefore = (wearing: Wearing, pieceId: string, fromMinute: number): boolean =>
  wearing.pieceId === pieceId && wearing.toMinute <= fromMinute;

const without = (plan: Outing, places: readonly number[]): Outing => ({
  ...plan,
  wearings: plan.wearings.filter((_, index) => !places.includes(index)),
});

function practice(
  question: PracticeQuestion,
  own: Practice | null,
  ways: Partial<Record<Practice, { readonly pieceIds: readonly string[]; readonly apply: Change["apply"] }>>,
): PracticeChoice {
  const others = PRACTICES[question].flatMap((way: Practice): PracticeChange[] => {
    const change = ways[way];
    if (!change || way === own) return [];
    return [{ id: `practice ${question} ${way}`, kind: "practice", addedMassG: null, way, ...change }];
  });
  return { question, own, others };
}

/** When the warmest layer of the chest goes on: before the way, open on the way, at the seat, or as cooling begins. */
function bigLayer(worn: readonly Worn[], wearings: readonly Wearing[], sitFrom: number): PracticeChoice | null {
  const layers = ofKind(worn, "garment").filter(({ piece }) => coveredPatches(piece.label).includes("chest"));
  const big = layers.reduce<Worn | null>(
    (warmest, layer) =>
      !warmest || insulationAt(layer.piece, "chest") > insulationAt(warmest.piece, "chest") ? layer : warmest,
    null,
  );
  if (!big || layers.length < 2 || sitFrom === 0) return null;
  const { wearing, index: index, piece } = big;
  // Open on the way and closed at the seat it is worn twice, one after the other.
  const spans = [...wearings.filter((own) => isBefore(own, piece.id, wearing.fromMinute)), wearing];
  const fromMinute = Math.min(...spans.map((own) => own.fromMinute));
  const isOpened = spans.some(({ opened = [] }) => opened.length > 0);
  const { toMinute } = wearing;
  const later = sitFrom + COOLING_BEGINS_MINUTES;
  if (toMinute <= later) return null;
  const own: Practice | null =
    fromMinute === 0 ? (isOpened ? "fromStartOpen" : "fromStart") : fromMinute >= later ? "later" : "seated";
  const from = (minute: number) => ({
    pieceIds: [piece.id],
    apply: (plan: Outing) => replaced(plan, index, { ...wearing, opened: [], fromMinute: minute }),
  });
  return practice("bigLayer", own, {
    fromStart: from(0),
    fromStartOpen: {
      pieceIds: [piece.id],
      apply: (plan) =>
        replaced(
          plan,
          index,
          { ...wearing, fromMinute: 0, toMinute: sitFrom, opened: ["neck", "waist"] },
          { ...wearing, fromMinute: sitFrom, opened: [] },
        ),
    },
    seated: from(sitFrom),
    later: from(later),
  });
}

/** One pair of socks, or the thick over the thin. */
function socks(worn: readonly Worn[], kit: readonly Piece[]): PracticeChoice | null {
  const pairs = ofKind(worn, "sock");
  const [inner] = pairs;
  if (!inner || pairs.length > 2 || pairs.some(({ wearing }) => wearing.side !== "both")) return null;
  const spare = kit.find(({ id, kind }) => kind === "sock" && !pairs.some(({ piece }) => piece.id === id));
  return practice("socks", pairs.length === 1 ? "one" : "two", {
    one: { pieceIds: [inner.piece.id], apply: (plan) => without(plan, [pairs.at(-1)!.index]) },
    ...(spare && {
      two: {
        pieceIds: [spare.id],
        apply: (plan) => ({
          ...plan,
          pieces: [...plan.pieces, spare],
          wearings: [...plan.wearings, { ...inner.wearing, pieceId: spare.id, rank: inner.wearing.rank + 1 }],
        }),
      },
    }),
  });
}

/** Thin under thick at the hands, or one of them alone. */
function hands(worn: readonly Worn[]): PracticeChoice | null {
  const layers = ofKind(worn, "handwear");
  if (layers.length < 2) return null;
  const [inner, outer] = [layers[0]!, layers.at(-1)!];
  const alone = ({ index: index, piece }: Worn) => ({
    pieceIds: [piece.id],
    apply: (plan: Outing) =>
      without(
        plan,
        layers.map((layer) => layer.index).filter((own) => own !== index),
      ),
  });
  return practice("hands", "allLayers", { outerAlone: alone(outer), innerAlone: alone(inner) });
}

/** A windproof shell over what insulates, or none. */
function shell(worn: readonly Worn[]): PracticeChoice | null {
  const trunk = ofKind(worn, "garment").filter(({ piece }) => coveredPatches(piece.label).includes("chest"));
  const outer = trunk.at(-1);
  if (!outer || trunk.length < 2) return null;
  const isThin = insulationAt(outer.piece, "chest") < insulationAt(trunk.at(-2)!.piece, "chest");
  const holdsWind = readLabel(outer.piece.label).some(({ layers }) =>
    layers.some(({ airPermeabilityLPerM2S }) => airPermeabilityLPerM2S < WOVEN_L_PER_M2S),
  );
  if (!isThin || !holdsWind) return null;
  return practice("shell", "worn", {
    leftOff: { pieceIds: [outer.piece.id], apply: (plan) => without(plan, [outer.index]) },
  });
}

/** Hoods up, or hat and neckwear alone. */
function hood(worn: readonly Worn[]): PracticeChoice | null {
  const hooded = worn.filter(({ piece }) => piece.label.panels.some(({ part }) => part === "hood"));
  if (hooded.length === 0) return null;
  const isDown = ({ wearing }: Worn): boolean => wearing.withoutParts?.includes("hood") ?? false;
  const set = (down: boolean) => ({
    pieceIds: hooded.map(({ piece }) => piece.id),
    apply: (plan: Outing): Outing => ({
      ...plan,
      wearings: plan.wearings.map((wearing, index) => {
        if (!hooded.some((layer) => layer.index === index)) return wearing;
        const rest = (wearing.withoutParts ?? []).filter((part) => part !== "hood");
        return { ...wearing, withoutParts: down ? [...rest, "hood"] : rest };
      }),
    }),
  });
  return practice("hood", hooded.every(isDown) ? "down" : hooded.some(isDown) ? null : "up", {
    up: set(false),
    down: set(true),
  });
}

/**
 * The questions a plan answers one way or another, with the other ways as changes of it.
 * @param kit pieces of the person beyond those in the plan
 */
export function practiceChoicesOf(outing: Outing, kit: readonly Piece[]): PracticeChoice[] {
  const [sit] = sitSpans(outing.phases);
  if (!sit) return [];
  const worn = wornInSit(outing, sit.fromMinute, sit.toMinute);
  return [
    bigLayer(worn, outing.wearings, sit.fromMinute),
    socks(worn, kit),
    hands(worn),
    shell(worn),
    hood(worn),
  ].flatMap((found) => found ?? []);
}

/** The other ways as changes, for those who simulate them. */
export const practiceChanges = (outing: Outing, kit: readonly Piece[]): Change[] =>
  practiceChoicesOf(outing, kit).flatMap(({ others }) => others);
