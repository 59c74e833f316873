import { atom, computed } from "nanostores";
import { MOST_SOCKS, type BenchSetting, type FootAnswer, type FootSystem } from "@/core/bench";
import type { Piece, PieceKind } from "@/core/outing";
import { STARTER_PIECES, starterPiece, type StarterPieceKey } from "@/formats/starter-kit/starter-pieces";
import type { OutingView } from "@/formats/wire/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/view-to-outing";
import { workerFor } from "@/workers/simulate-client";

/** A piece that can be tried: of the kit, or generic. */
export type Choice = { readonly piece: Piece; readonly isOwn: boolean };
/** What is chosen for one column, by the pieces' ids. */
export type Column = {
  readonly boot: string | null;
  readonly socks: readonly string[];
  readonly footbed: string | null;
  readonly under: string | null;
};

export const $setting = atom<BenchSetting | null>(null);
export const $choices = atom<readonly Choice[]>([]);
export const $columns = atom<readonly Column[]>([]);
/** Answers by column; `null` while one is worked out. */
export const $answers = atom<readonly (FootAnswer | null)[]>([]);
export const $benchProblem = atom<string | null>(null);

export const MOST_COLUMNS = 4;
const ON_THE_FEET: readonly PieceKind[] = ["footwear", "sock", "liner", "footbed"];
const FIRST_BOOTS = 3;

const generic = (key: StarterPieceKey): Choice => {
  const { name, kind, label, massG, fingersTogether = false, traits = {} } = starterPiece(key);
  return { isOwn: false, piece: { ...traits, id: `generic ${key}`, name, kind, label, massG, fingersTogether } };
};

const isUnderSoles = ({ piece }: Choice): boolean =>
  piece.kind === "pad" && piece.label.panels.some(({ patches }) => patches.includes("sole"));

/** Pieces that can be chosen for a place: own first. */
export const $byPlace = computed($choices, (choices) => {
  const ofKind = (...kinds: PieceKind[]): Choice[] => choices.filter(({ piece }) => kinds.includes(piece.kind));
  return {
    boots: ofKind("footwear"),
    socks: ofKind("sock", "liner"),
    footbeds: ofKind("footbed"),
    pads: choices.filter(isUnderSoles),
  };
});

const systemOf = ({ boot, socks, footbed, under }: Column): FootSystem => {
  const byId = new Map($choices.get().map(({ piece }) => [piece.id, piece]));
  const known = (id: string | null): Piece | null => (id === null ? null : (byId.get(id) ?? null));
  return {
    boot: known(boot),
    socks: socks.flatMap((id) => known(id) ?? []),
    footbed: known(footbed),
    under: known(under),
  };
};

let round = 0;
/** Works every column out anew; what is overtaken is dropped. */
async function ask(): Promise<void> {
  const setting = $setting.get();
  const columns = $columns.get();
  if (!setting) return;
  const own = ++round;
  for (const [place, column] of columns.entries()) {
    const answer = await workerFor("answer").feet(setting, systemOf(column));
    if (own !== round) return;
    $answers.set(columns.map((_, other) => (other === place ? answer : ($answers.get()[other] ?? null))));
    $benchProblem.set(answer ? null : "This cannot be computed: a figure lies outside what the model knows.");
  }
}

export function setSetting(change: Partial<BenchSetting>): void {
  const setting = $setting.get();
  if (!setting) return;
  $setting.set({ ...setting, ...change });
  void ask();
}

export function setColumns(columns: readonly Column[]): void {
  if (columns.length !== $columns.get().length) $answers.set(columns.map(() => null));
  $columns.set(columns);
  void ask();
}

/** Begins with an outing's person, clothes and first hour of sitting, and its three likeliest boots. */
export function beginFootBench(view: OutingView): void {
  const outing = viewToOuting(view);
  const sit = view.phases.find(({ kind }) => kind === "sit");
  const feet = new Set(view.kit.filter(({ kind }) => ON_THE_FEET.includes(kind)).map(({ id }) => id));
  const under = new Set(
    kitOf(view)
      .filter((piece) => isUnderSoles({ piece, isOwn: true }))
      .map(({ id }) => id),
  );
  const isElsewhere = ({ id }: { readonly id: string }): boolean => !feet.has(id) && !under.has(id);
  $setting.set({
    person: outing.person,
    dress: {
      pieces: outing.pieces.filter(isElsewhere),
      wearings: outing.wearings.filter(({ pieceId }) => isElsewhere({ id: pieceId })),
    },
    airTemperatureC: Math.round(outing.weather[0]?.airTemperatureC ?? -10),
    windAtSeatMPerS: 1,
    ground: view.setting.ground,
    posture: sit?.posture ?? "sitting",
    hours: 4,
  });
  $choices.set([
    ...kitOf(view).map((piece) => ({ piece, isOwn: true })),
    ...(Object.keys(STARTER_PIECES) as StarterPieceKey[]).map(generic),
  ]);
  const { boots, socks } = $byPlace.get();
  const isOwnSock = new Set(socks.filter(({ isOwn }) => isOwn).map(({ piece }) => piece.id));
  const worn = [...view.wearings].sort((one, other) => one.rank - other.rank).map(({ pieceId }) => pieceId);
  const wornSocks = [...new Set(worn)].filter((id) => isOwnSock.has(id)).slice(0, MOST_SOCKS);
  const names = new Set<string>();
  const different = boots.filter(({ piece: { name } }) => !names.has(name) && names.add(name));
  $columns.set(
    different.slice(0, FIRST_BOOTS).map(({ piece }) => ({
      boot: piece.id,
      socks: wornSocks.length > 0 ? wornSocks : socks.slice(0, 1).map((sock) => sock.piece.id),
      footbed: null,
      under: null,
    })),
  );
  $answers.set($columns.get().map(() => null));
}

export const startFootBench = (): void => void ask();
