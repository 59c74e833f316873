import * as m from "@/messages";
import { LANE_WORDS } from "@/formats/display/words/body-words";
import {
  flexRender,
  getCoreRowModel,
  getPaginationRowModel,
  getSortedRowModel,
  useReactTable,
  type Column,
  type Row as TableRow,
  type RowSelectionState,
  type SortingState,
  type Table,
} from "@tanstack/react-table";
import { ArrowDown, ArrowUp } from "lucide-react";
import { Fragment, useMemo, useState } from "react";
import type { KitPiece } from "@/formats/wire/kit/kit-view";
import { alsoText, alsoValue, alsoWords, type AlsoShown } from "./also-shown";
import {
  cellClass,
  COLUMNS,
  HEADS,
  helper,
  rowOf,
  ROWS_A_PAGE,
  STATUS_WORDS,
  UNKNOWN_LAST,
  type Row,
} from "./kit-columns";

type Props = {
  readonly pieces: readonly KitPiece[];
  readonly chosenId: string | null;
  readonly selected: RowSelectionState;
  readonly onSelect: (selected: RowSelectionState) => void;
  readonly onOpen: (id: string) => void;
  /** What else is told of each piece; it can be sorted by. */
  readonly also: AlsoShown | null;
};

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
    <nav aria-label={m.pagesOfTheKit} className="no-print flex items-center gap-3 py-2 text-sm">
      <button
        type="button"
        className="press press-small"
        disabled={!table.getCanPreviousPage()}
        onClick={() => table.previousPage()}
      >
        {m.back}
      </button>
      <span role="status">
        {pageIndex * ROWS_A_PAGE + 1} {m.to3} {pageIndex * ROWS_A_PAGE + table.getRowModel().rows.length} {m.ofWords2}{" "}
        {table.getRowCount()}
      </span>
      <button
        type="button"
        className="press press-small"
        disabled={!table.getCanNextPage()}
        onClick={() => table.nextPage()}
      >
        {m.onTitle}
      </button>
    </nav>
  );
}

type RowProps = {
  readonly row: TableRow<Row>;
  readonly isChosen: boolean;
  readonly onOpen: (id: string) => void;
};

/** A piece, on a phone as a card. */
function PieceRow({ row, isChosen, onOpen }: RowProps) {
  const { piece } = row.original;
  return (
    <tr
      className={`border-line border-b max-sm:grid max-sm:grid-cols-[2.5rem_1fr_auto] max-sm:py-1.5 ${isChosen ? "bg-shade" : ""}`}
    >
      <td className="px-1 max-sm:row-span-2">
        <input
          type="checkbox"
          className="size-4"
          aria-label={m.select({ name: piece.name })}
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
          <th key={cell.id} scope="row" className="px-2 py-1 text-left font-normal max-sm:col-span-2 max-sm:py-0">
            <button
              type="button"
              className="min-h-6 text-left underline-offset-2 hover:underline max-sm:min-h-11 max-sm:text-base"
              aria-pressed={isChosen}
              onClick={() => onOpen(piece.id)}
            >
              {piece.name}
            </button>
            {piece.status !== "inUse" && <span className="text-muted ml-2 text-xs">{STATUS_WORDS[piece.status]}</span>}
          </th>
        );
      })}
    </tr>
  );
}

/** The kit as a table: sorted by any column, pieces chosen one or many. */
export function KitTable({ pieces, chosenId, selected, onSelect, onOpen, also }: Props) {
  const [sorting, setSorting] = useState<SortingState>([{ id: "zone", desc: false }]);
  const isByZone = sorting[0]?.id === "zone";
  const rows = useMemo(() => pieces.map(rowOf), [pieces]);
  const columns = useMemo(
    () => [
      helper.accessor((row) => row.piece.name, {
        id: "name",
        header: m.pieceTitle,
        sortingFn: (one, other) => one.original.piece.name.localeCompare(other.original.piece.name),
      }),
      ...COLUMNS,
      ...(also === null
        ? []
        : [
            helper.accessor(({ piece }) => alsoValue(also, piece), {
              id: "also",
              cell: ({ row }) => alsoText(also, row.original.piece),
              ...UNKNOWN_LAST,
            }),
          ]),
    ],
    [also],
  );
  // The project compiles no hooks, so functions that cannot be kept do no harm.
  // eslint-disable-next-line react-hooks/incompatible-library
  const table = useReactTable({
    data: rows,
    columns,
    // Under headings of the zones a column of zones would say them again.
    state: { sorting, rowSelection: selected, columnVisibility: { zone: !isByZone } },
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
      <table className="w-full text-sm max-sm:block">
        <caption className="sr-only">{m.theKit}</caption>
        <thead className="max-sm:sr-only">
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id} className="border-line border-b">
              <th scope="col" className="w-8 px-1 text-left">
                <input
                  type="checkbox"
                  className="size-4"
                  aria-label={m.allThatIsListed}
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
                      words={
                        column.id === "also" && also
                          ? alsoWords(also)
                          : (HEADS[column.id]?.() ?? String(column.columnDef.header))
                      }
                    />
                  </th>
                );
              })}
            </tr>
          ))}
        </thead>
        <tbody className="max-sm:block">
          {table.getRowModel().rows.map((row, index, all) => (
            <Fragment key={row.id}>
              {isByZone && all[index - 1]?.original.lane !== row.original.lane && (
                <tr className="max-sm:block">
                  <th
                    scope="rowgroup"
                    colSpan={row.getVisibleCells().length + 1}
                    className="px-1 pt-4 pb-1 text-left font-semibold max-sm:block"
                  >
                    {LANE_WORDS[row.original.lane]}
                  </th>
                </tr>
              )}
              <PieceRow row={row} isChosen={row.id === chosenId} onOpen={onOpen} />
            </Fragment>
          ))}
        </tbody>
      </table>
      <Pages table={table} />
    </>
  );
}
