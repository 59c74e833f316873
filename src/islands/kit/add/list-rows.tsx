import * as m from "@/messages";
import { QUICK_KEYS, quickPiece } from "@/core/starter-kit";
import { insulationText, quantityText } from "@/formats/display/quantities";
import { QUANTITY_OF_UNIT } from "@/formats/display/units";
import { moneyText } from "@/formats/display/numbers";
import type { KindGuess } from "@/formats/kit-from-table/kind-patterns";
import type { KitRow } from "@/formats/kit-from-table/read-row";

type Props = {
  readonly rows: readonly KitRow[];
  readonly left: ReadonlySet<number>;
  readonly onKind: (name: string, kind: KindGuess) => void;
  readonly onLeave: (line: number, isLeft: boolean) => void;
};

/** The figure of warmth a row is read with. */
function figureText({ kind, figure, isFigureUsual, clo }: KitRow): string {
  if (kind === null || kind === "none") return "";
  if (clo !== null) return insulationText(clo);
  const text = quantityText(QUANTITY_OF_UNIT[quickPiece(kind).figure.unit], figure);
  return isFigureUsual ? m.asUsual({ text }) : text;
}

/** Row by row how a list was understood; what nobody can tell from the words is asked. */
export function ListRows({ rows, left, onKind, onLeave }: Props) {
  return (
    <div
      className="border-line max-h-96 overflow-auto border-y"
      tabIndex={0}
      role="region"
      aria-label={m.rowsAsTheyWereUnderstood}
    >
      <table className="w-full text-sm">
        <thead>
          <tr className="border-line border-b text-left">
            <th scope="col" className="px-1">
              <span className="sr-only">{m.added}</span>
            </th>
            <th scope="col" className="px-2 py-1">
              {m.inYourList}
            </th>
            <th scope="col" className="px-2 py-1">
              {m.understoodAs}
            </th>
            <th scope="col" className="px-2 py-1">
              {m.warmthBy}
            </th>
            <th scope="col" className="px-2 py-1 text-right">
              {m.mass}
            </th>
            <th scope="col" className="px-2 py-1 text-right">
              {m.price}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const { line, name, kind, massG, priceMinor, currency, told } = row;
            const isThing = kind === "none";
            return (
              <tr key={line} className={`border-line border-b align-top ${kind === null ? "bg-shade" : ""}`}>
                <td className="px-1 py-1">
                  <input
                    type="checkbox"
                    className="size-4"
                    aria-label={m.addTitle({ name })}
                    disabled={kind === null || isThing}
                    checked={kind !== null && !isThing && !left.has(line)}
                    onChange={(event) => onLeave(line, !event.target.checked)}
                  />
                </td>
                <th scope="row" className="px-2 py-1 text-left font-normal">
                  {name}
                  {told.length > 0 && <span className="text-muted block text-xs">{told.join("; ")}</span>}
                </th>
                <td className="px-2 py-1">
                  <select
                    className={`field max-w-52 ${kind === null ? "border-accent border-2" : ""}`}
                    aria-label={m.whatIs({ name })}
                    value={kind ?? ""}
                    onChange={(event) => onKind(name, event.target.value as KindGuess)}
                  >
                    {kind === null && <option value="">{m.whatIsIt}</option>}
                    <option value="none">{m.notWornLeftOut}</option>
                    {QUICK_KEYS.map((key) => (
                      <option key={key} value={key}>
                        {quickPiece(key).words}
                      </option>
                    ))}
                  </select>
                </td>
                <td className="px-2 py-1">{figureText(row)}</td>
                <td className="px-2 py-1 text-right">{massG === null ? "" : quantityText("smallMass", massG)}</td>
                <td className="px-2 py-1 text-right">
                  {priceMinor === null || currency === null ? "" : moneyText(priceMinor, currency)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
