import * as m from "@/messages";
import { atom } from "nanostores";
import type { BenchSetting } from "@/core/bench";
import type { Piece, PieceTraits } from "@/core/pieces";
import { STARTER_PIECES, starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/outing/view-to-outing";

/** A piece that can be tried: of the kit, or generic. */
export type Choice = { readonly piece: Piece; readonly traits: PieceTraits; readonly isOwn: boolean };

/** The weather and the sit that columns are compared in, and what there is to try. */
export const $setting = atom<BenchSetting | null>(null);
export const $choices = atom<readonly Choice[]>([]);
export const $benchProblem = atom<string | null>(null);

const USUAL_HOURS = 4;
const OUTSIDE = m.thisCannotBeComputedAFigure;

const generic = (key: StarterPieceKey): Choice => {
  const { name, kind, label, massG, fingersTogether = false, traits = {} } = starterPiece(key);
  return {
    isOwn: false,
    traits,
    piece: { ...traits, id: `generic ${key}`, name, kind, label, massG, fingersTogether },
  };
};

/** Every generic piece. */
export const genericPieces = (): Choice[] => (Object.keys(STARTER_PIECES) as StarterPieceKey[]).map(generic);

/** Own pieces first, then generic ones. */
const choicesOf = (view: OutingView): Choice[] => [
  ...kitOf(view).map((piece, index) => ({ piece, traits: view.kit[index]!.traits, isOwn: true })),
  ...genericPieces(),
];

/** A piece that is chosen by its id; `null` for none. */
export const chosenPiece = (id: string | null): Piece | null => chosen(id)?.piece ?? null;
export const chosen = (id: string | null): Choice | null => $choices.get().find(({ piece }) => piece.id === id) ?? null;

/**
 * Begins with an outing's person, clothes and first hour of sitting.
 * @param isTried what the columns bring themselves, so that it is not worn besides
 * @returns ids of what the outing wears of it, from the skin out, each once
 */
export function beginBench(view: OutingView, isTried: (piece: Piece) => boolean): readonly string[] {
  const outing = viewToOuting(view);
  const tried = new Set(
    kitOf(view)
      .filter(isTried)
      .map(({ id }) => id),
  );
  $setting.set({
    person: outing.person,
    dress: {
      pieces: outing.pieces.filter(({ id }) => !tried.has(id)),
      wearings: outing.wearings.filter(({ pieceId }) => !tried.has(pieceId)),
    },
    airTemperatureC: Math.round(outing.weather[0]?.airTemperatureC ?? -10),
    windAtSeatMPerS: 1,
    ground: view.setting.ground,
    posture: view.phases.find(({ kind }) => kind === "sit")?.posture ?? "sitting",
    hours: USUAL_HOURS,
  });
  $choices.set(choicesOf(view));
  const outwards = [...view.wearings].sort((one, other) => one.rank - other.rank).map(({ pieceId }) => pieceId);
  return [...new Set(outwards)].filter((id) => tried.has(id));
}

/** Columns side by side and their answers, computed one by one whenever something changes. */
export function createColumns<Column, Answer>(ask: (setting: BenchSetting, column: Column) => Promise<Answer | null>) {
  const $columns = atom<readonly Column[]>([]);
  /** Answers by column; `null` while one is computed. */
  const $answers = atom<readonly (Answer | null)[]>([]);
  /** Whether what stands there is still of the columns before. */
  const $isBusy = atom(false);
  let round = 0;
  /** Recomputes every column; what is out of date is dropped. */
  const start = async (): Promise<void> => {
    const setting = $setting.get();
    const columns = $columns.get();
    if (!setting) return;
    const own = ++round;
    $isBusy.set(true);
    for (const [place, column] of columns.entries()) {
      const answer = await ask(setting, column);
      if (own !== round) return;
      $answers.set(columns.map((_, other) => (other === place ? answer : ($answers.get()[other] ?? null))));
      $benchProblem.set(answer ? null : OUTSIDE);
    }
    $isBusy.set(false);
  };
  const setColumns = (columns: readonly Column[]): void => {
    if (columns.length !== $columns.get().length) $answers.set(columns.map(() => null));
    $columns.set(columns);
    void start();
  };
  const setSetting = (change: Partial<BenchSetting>): void => {
    const setting = $setting.get();
    if (!setting) return;
    $setting.set({ ...setting, ...change });
    void start();
  };
  /** Sets the first columns without working anything out: the page is still being drawn. */
  const begin = (columns: readonly Column[]): void => {
    $columns.set(columns);
    $answers.set(columns.map(() => null));
  };
  return { $columns, $answers, $isBusy, begin, start: (): void => void start(), setColumns, setSetting };
}
