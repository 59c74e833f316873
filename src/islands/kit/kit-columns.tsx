import * as m from "@/messages";
import { createColumnHelper } from "@tanstack/react-table";
import { LANES, laneOf, type LaneName } from "@/core/pieces";
import { LANE_WORDS } from "@/formats/display/words/body-words";
import { moneyText } from "@/formats/display/numbers";
import { quantityFigure, unitLabel } from "@/formats/display/quantities";
import { KIND_WORDS } from "@/formats/display/words/label-words";
import { cloThatMatters, readingFigure } from "@/formats/display/words/reading-words";
import type { KitPiece } from "@/formats/wire/kit/kit-view";

export type Row = {
  readonly piece: KitPiece;
  readonly lane: LaneName;
  readonly laneOrder: number;
  readonly best: ReturnType<typeof cloThatMatters>;
};

/** Pieces are never changed in place: each is read once, however often the list is filtered. */
const known = new WeakMap<KitPiece, Row>();
export function rowOf(piece: KitPiece): Row {
  const found = known.get(piece);
  if (found) return found;
  const lane = laneOf(piece);
  const row = { piece, lane, laneOrder: LANES.indexOf(lane), best: cloThatMatters(piece.label, lane) };
  known.set(piece, row);
  return row;
}

/** As many as are drawn at once: a filter answers within a twentieth of a second whatever the kit holds. */
export const ROWS_A_PAGE = 40;

export const STATUS_WORDS: Readonly<Record<KitPiece["status"], string>> = {
  inUse: "",
  retired: "retired",
  deleted: "deleted",
};
/** On a card of a phone it stands alone: there it says its unit too. */
const CloCell = ({ best }: Pick<Row, "best">) =>
  best ? (
    <>
      {readingFigure(best.row)}
      <span className="text-muted ml-1 text-xs">
        <span className="sm:hidden">{unitLabel("insulation")}, </span>
        {best.part}
      </span>
    </>
  ) : (
    "–"
  );
const MassCell = ({ massG }: Pick<KitPiece, "massG">) =>
  massG !== null && (
    <>
      {quantityFigure("smallMass", massG)}
      <span className="sm:hidden"> {unitLabel("smallMass")}</span>
    </>
  );
const priceText = ({ priceMinor, currency }: KitPiece): string =>
  priceMinor === null || currency === null ? "" : moneyText(priceMinor, currency);

export const helper = createColumnHelper<Row>();
/** Sorted as numbers, what is not known last. */
export const UNKNOWN_LAST = { sortUndefined: "last", sortingFn: "basic" } as const;

export const COLUMNS = [
  helper.accessor((row) => row.laneOrder, { id: "zone", cell: ({ row }) => LANE_WORDS[row.original.lane] }),
  helper.accessor((row) => row.piece.kind, {
    id: "kind",
    cell: ({ row }) => KIND_WORDS[row.original.piece.kind],
  }),
  helper.accessor((row) => row.best?.row.clo, {
    id: "clo",
    cell: ({ row }) => <CloCell best={row.original.best} />,
    ...UNKNOWN_LAST,
  }),
  helper.accessor((row) => row.piece.massG ?? undefined, {
    id: "mass",
    cell: ({ row }) => <MassCell massG={row.original.piece.massG} />,
    ...UNKNOWN_LAST,
  }),
  helper.accessor((row) => row.piece.priceMinor ?? undefined, {
    id: "price",
    cell: ({ row }) => priceText(row.original.piece),
    ...UNKNOWN_LAST,
  }),
  helper.accessor((row) => row.piece.outings, { id: "outings" }),
];
/** Heads of the columns, in the units of whoever reads. */
export const HEADS: Readonly<Record<string, () => string>> = {
  zone: () => m.zone,
  kind: () => m.kind,
  clo: () => m.whereItMatters({ unitLabel: unitLabel("insulation") }),
  mass: () => unitLabel("smallMass"),
  price: () => m.price,
  outings: () => m.outings,
};
const NUMBERS = new Set(["clo", "mass", "price", "outings"]);
const HIDDEN_ON_PHONE = new Set(["zone", "kind", "price", "outings"]);
/** On a phone a row is a card: the name over its figures. */
const ON_CARD: Readonly<Record<string, string>> = {
  clo: "max-sm:col-start-2 max-sm:text-left",
  also: "max-sm:col-span-2 max-sm:col-start-2",
};
export const cellClass = (columnId: string): string =>
  `px-2 py-1 max-sm:py-0 ${NUMBERS.has(columnId) ? "text-right" : "text-left"} ${HIDDEN_ON_PHONE.has(columnId) ? "max-sm:hidden" : ""} ${ON_CARD[columnId] ?? ""}`;
