import { quantityFigure, unitLabel } from "@/formats/display/quantities";
import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getPaginationRowModel,
  getSortedRowModel,
  useReactTable,
  type Column,
  type RowSelectionState,
  type SortingState,
  type Table,
} from "@tanstack/react-table";
import { ArrowDown, ArrowUp } from "lucide-react";
import { useMemo, useState } from "react";
import { LANES, laneOf } from "@/core/pieces";
import { KIND_WORDS } from "@/formats/display/words/label-words";
import { moneyText } from "@/formats/display/numbers";
import { readingFigure, warmestClo, type ReadingRow } from "@/formats/display/words/reading-words";
import type { KitPiece } from "@/formats/wire/kit/kit-view";

type Props = {
  readonly pieces: readonly KitPiece[];
  readonly chosenId: string | null;
  readonly selected: RowSelectionState;
  readonly onSelect: (selected: RowSelectionState) => void;
  readonly onOpen: (id: string) => void;
};

type Row = {
  readonly piece: KitPiece;
  readonly lane: string;
  readonly laneOrder: number;
  readonly best: ReadingRow | null;
};

/** Pieces are never changed in place: each is read once, however often the list is filtered. */
const known = new WeakMap<KitPiece, Row>();
function rowOf(piece: KitPiece): Row {
  const found = known.get(piece);
  if (found) return found;
  const lane = laneOf(piece);
  const row = { piece, lane, laneOrder: LANES.indexOf(lane), best: warmestClo(piece.label) };
  known.set(piece, row);
  return row;
}

/** As many as are drawn at once: a filter answers within a twentieth of a second whatever the kit holds. */
const ROWS_A_PAGE = 40;

const STATUS_WORDS: Readonly<Record<KitPiece["status"], string>> = {
  inUse: "",
  retired: "retired",
  deleted: "deleted",
};
const cloText = (best: ReadingRow | null): string => (best ? readingFigure(best) : "–");
const massFigure = (massG: number | null): string => (massG === null ? "" : quantityFigure("smallMass", massG));
const priceText = ({ priceMinor, currency }: KitPiece): string =>
  priceMinor === null || currency === null ? "" : moneyText(priceMinor, currency);

const helper = createColumnHelper<Row>();
/** Sorted as numbers, what is not known last. */
const UNKNOWN_LAST = { sortUndefined: "last", sortingFn: "basic" } as const;

const COLUMNS = [
  helper.accessor((row) => row.laneOrder, { id: "zone", cell: ({ row }) => row.original.lane }),
  helper.accessor((row) => row.piece.kind, {
    id: "kind",
    cell: ({ row }) => KIND_WORDS[row.original.piece.kind],
  }),
  helper.accessor((row) => row.best?.clo, {
    id: "clo",
    cell: ({ row }) => cloText(row.original.best),
    ...UNKNOWN_LAST,
  }),
  helper.accessor((row) => row.piece.massG ?? undefined, {
    id: "mass",
    cell: ({ row }) => massFigure(row.original.piece.massG),
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
const HEADS: Readonly<Record<string, () => string>> = {
  zone: () => "Zone",
  kind: () => "Kind",
  clo: () => `${unitLabel("insulation")}, warmest part`,
  mass: () => unitLabel("smallMass"),
  price: () => "Price",
  outings: () => "Outings",
};
const NUMBERS = new Set(["clo", "mass", "price", "outings"]);
const HIDDEN_ON_PHONE = new Set(["kind", "price", "outings"]);
const cellClass = (columnId: string): string =>
  `px-2 py-1 ${NUMBERS.has(columnId) ? "text-right" : "text-left"} ${HIDDEN_ON_PHONE.has(columnId) ? "max-sm:hidden" : ""}`;

const SORT_WORDS = { asc: "ascending", desc: "descending" } as const;

function SortButton({ column, words }: { readonly column: Column<Row>; readonly words: string }) {
  const sorted = column.getIsSorted();
  return (
    <button type="button" className="inline-flex items-center gap-1" onClick={column.getToggleSortingHandler()}>
      {words}
      {sorted === "asc" && <ArrowUp aria-hidden="true" size={14} />}
      {sorted === "desc" && <ArrowDown aria-hidden="true" size={14} />}
    </button>
  );
}

/** Which of the pages is drawn; nothing where one holds all. */
function Pages({ table }: { readonly table: Table<Row> }) {
  const count = table.getPageCount();
  if (count < 2) return null;
  const { pageIndex } = table.getState().pagination;
  return (
    <nav aria-label="Pages of the kit" className="no-print flex items-center gap-3 py-2 text-sm">
      <button
        type="button"
        className="press press-small"
        disabled={!table.getCanPreviousPage()}
        onClick={() => table.previousPage()}
      >
        Back
      </button>
      <span role="status">
        {pageIndex * ROWS_A_PAGE + 1} to {pageIndex * ROWS_A_PAGE + table.getRowModel().rows.length} of{" "}
        {table.getRowCount()}
      </span>
      <button
        type="button"
        className="press press-small"
        disabled={!table.getCanNextPage()}
        onClick={() => table.nextPage()}
      >
        On
      </button>
    </nav>
  );
}

/** The kit as a table: sorted by any column, pieces chosen one or many. */
export function KitTable({ pieces, chosenId, selected, onSelect, onOpen }: Props) {
  const [sorting, setSorting] = useState<SortingState>([{ id: "zone", desc: false }]);
  const rows = useMemo(() => pieces.map(rowOf), [pieces]);
  const columns = useMemo(
    () => [
      helper.accessor((row) => row.piece.name, {
        id: "name",
        header: "Piece",
        sortingFn: (one, other) => one.original.piece.name.localeCompare(other.original.piece.name),
      }),
      ...COLUMNS,
    ],
    [],
  );
  // The project compiles no hooks, so functions that cannot be kept do no harm.
  // eslint-disable-next-line react-hooks/incompatible-library
  const table = useReactTable({
    data: rows,
    columns,
    state: { sorting, rowSelection: selected },
    getRowId: ({ piece }) => piece.id,
    onSortingChange: setSorting,
    onRowSelectionChange: (change) => onSelect(typeof change === "function" ? change(selected) : change),
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getPaginationRowModel: getPaginationRowModel(),
    initialState: { pagination: { pageSize: ROWS_A_PAGE } },
  });
  return (
    <>
      <table className="w-full text-sm">
        <caption className="sr-only">The kit</caption>
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id} className="border-line border-b">
              <th scope="col" className="w-8 px-1 text-left">
                <input
                  type="checkbox"
                  className="size-4"
                  aria-label="All that is listed"
                  checked={rows.length > 0 && table.getIsAllRowsSelected()}
                  onChange={table.getToggleAllRowsSelectedHandler()}
                />
              </th>
              {group.headers.map(({ id, column }) => {
                const sorted = column.getIsSorted();
                return (
                  <th
                    key={id}
                    scope="col"
                    aria-sort={sorted === false ? undefined : SORT_WORDS[sorted]}
                    className={`text-muted font-normal ${cellClass(id)}`}
                  >
                    <SortButton
                      column={column as Column<Row>}
                      words={HEADS[column.id]?.() ?? String(column.columnDef.header)}
                    />
                  </th>
                );
              })}
            </tr>
          ))}
        </thead>
        <tbody>
          {table.getRowModel().rows.map((row) => {
            const { piece } = row.original;
            return (
              <tr key={row.id} className={`border-line border-b ${piece.id === chosenId ? "bg-shade" : ""}`}>
                <td className="px-1">
                  <input
                    type="checkbox"
                    className="size-4"
                    aria-label={`Select ${piece.name}`}
                    checked={row.getIsSelected()}
                    onChange={row.getToggleSelectedHandler()}
                  />
                </td>
                {row.getVisibleCells().map((cell) => {
                  const { id } = cell.column;
                  if (id !== "name") {
                    return (
                      <td key={cell.id} className={cellClass(id)}>
                        {flexRender(cell.column.columnDef.cell, cell.getContext())}
                      </td>
                    );
                  }
                  return (
                    <th key={cell.id} scope="row" className="px-2 py-1 text-left font-normal">
                      <button
                        type="button"
                        className="min-h-6 text-left underline-offset-2 hover:underline"
                        aria-pressed={piece.id === chosenId}
                        onClick={() => onOpen(piece.id)}
                      >
                        {piece.name}
                      </button>
                      {piece.status !== "inUse" && (
                        <span className="text-muted ml-2 text-xs">{STATUS_WORDS[piece.status]}</span>
                      )}
                    </th>
                  );
                })}
              </tr>
            );
          })}
        </tbody>
      </table>
      <Pages table={table} />
    </>
  );
}
