import * as m from "@/messages";
import type { Wear } from "@/core/labels";
import { OUTING_RANGE } from "@/core/outing";
import { quickPiece, type QuickKey } from "@/core/starter-kit";
import type { GridRow } from "../any-table/grid";
import type { DecimalMark } from "../any-table/numbers";
import { folded } from "../any-table/words";
import { MOST_NAME } from "../outing-file/schema/common-schema";
import { figuresIn, type Figures } from "./figures";
import { guessKind, type KindGuess } from "./kind-patterns";
import { saidOf } from "../any-table/said";
import type { KitMapping } from "./mapping";
import { massOf, type MassUnit } from "./mass";
import { currencyIn, priceMinorOf } from "./money";
import type { KitRole } from "./roles";

/** A row as it was understood. */
export type KitRow = {
  readonly line: number;
  readonly name: string;
  /** `null`: the words do not tell; it has to be said. */
  readonly kind: KindGuess | null;
  readonly figure: number;
  /** Nothing said a figure: the usual one of its kind stands there. */
  readonly isFigureUsual: boolean;
  readonly clo: number | null;
  readonly massG: number | null;
  readonly priceMinor: number | null;
  readonly currency: string | null;
  readonly wear: Wear;
  readonly note: string;
  readonly told: readonly string[];
};

const WEARS: readonly (readonly [Wear, RegExp])[] = [
  ["new", /\b(new|unused|never (used|worn)|mint|ny|nytt|ubrukt|neu|unbenutzt)\b/],
  ["muchUsed", /\b(much|well|heav\w*|old|thin|worn ?out|poor|slitt|gammel\w*|gamle|alt|abgenutzt)\b/],
];

/** The figure a kind of piece is known by, from what is said of it in whichever unit; `null` where nothing is. */
function figureFor(key: QuickKey, own: Figures, inName: Figures): { value: number; told?: string } | null {
  const { unit, range, words } = quickPiece(key).figure;
  const within = (value: number | undefined): value is number =>
    value !== undefined && value >= range[0] && value <= range[1];
  const grams = unit === "g/m²" ? "massGPerM2" : "downG";
  if (unit === "mm") {
    const value = own.thicknessMm ?? inName.thicknessMm;
    if (within(value)) return { value };
    return within(own.bare) ? { value: own.bare, told: m.isTakenAsMm({ bare: own.bare }) } : null;
  }
  const said = own[grams] ?? inName[grams];
  if (within(said)) return { value: said };
  const bare = own.bareG ?? own.bare ?? inName.bareG ?? (unit === "g/m²" ? inName.bare : undefined);
  return within(bare) ? { value: bare, told: m.isTakenAs({ bare, unit, words: words.toLowerCase() }) } : null;
}

/** How the cells of a list are read. */
export type Reading = {
  readonly cellsOf: (row: GridRow, role: KitRole) => readonly string[];
  readonly mark: DecimalMark | null;
  readonly massUnit: MassUnit;
  readonly currency: string | null;
  readonly mapping: KitMapping;
};

/** What one row is. @param section the head it stands under, "" where it stands under none */
export function readRow(
  row: GridRow,
  section: string,
  { cellsOf, mark, massUnit, currency, mapping }: Reading,
): KitRow {
  const told: string[] = [];
  const whole = (role: KitRole): string => cellsOf(row, role).join(" ").replace(/\s+/g, " ").trim();
  const full = whole("name");
  const name = full.slice(0, MOST_NAME);
  if (full.length > MOST_NAME) told.push(m.itsNameIsCut);
  const kind = saidOf(mapping.kinds, name) ?? guessKind(`${name} ${whole("insulation")}`, whole("kind"), section);
  const inColumn = figuresIn(whole("insulation"), mark);
  const read = kind === null || kind === "none" ? null : figureFor(kind, inColumn, figuresIn(name, null));
  if (read?.told) told.push(read.told);
  const mass =
    cellsOf(row, "mass")
      .map((cell) => massOf(cell, massUnit, mark))
      .find((own) => own !== null) ?? null;
  if (mass?.told) told.push(mass.told);
  const [leastG, mostG] = OUTING_RANGE.pieceMassG;
  const isMassKept = mass !== null && mass.massG >= leastG && mass.massG <= mostG;
  if (mass && !isMassKept) told.push(m.itsMassCannotBeThatOf({ whole: whole("mass") }));
  const priceCell = cellsOf(row, "price").find((cell) => cell !== "") ?? "";
  const priceMinor = priceMinorOf(priceCell, mark);
  const count = Number(cellsOf(row, "count")[0] ?? "1");
  if (count > 1) told.push(m.ofItAddedOnce({ count }));
  const condition = folded(whole("wear"));
  return {
    line: row.line,
    name,
    kind,
    figure: read?.value ?? (kind === null || kind === "none" ? 0 : quickPiece(kind).figure.usual),
    isFigureUsual: read === null,
    clo: inColumn.clo ?? null,
    massG: isMassKept ? Math.round(mass.massG) : null,
    priceMinor,
    currency: priceMinor === null ? null : (currencyIn(`${priceCell} ${whole("currency")}`) ?? currency),
    wear: WEARS.find(([, pattern]) => pattern.test(condition))?.[0] ?? "used",
    note: [whole("note"), count > 1 ? m.ofIt({ count }) : ""].filter((part) => part !== "").join("; "),
    told,
  };
}
