import * as m from "@/messages";
import { useState } from "react";
import { useStore } from "@nanostores/react";
import { MINUTES_PER_HOUR } from "@/core/units";
import { moneyText, plainNumber } from "@/formats/display/numbers";
import { quantityText } from "@/formats/display/quantities";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $candidatesSaid } from "@/stores/season/candidates";
import type { SeasonOfKit } from "@/stores/season/season";
import { ChoiceField } from "../fields/choice-field";
import { CandidateFields } from "./candidate-fields";

type Props = { readonly view: OutingView; readonly ofKit: SeasonOfKit; readonly currency: string };

/** No piece is looked at closely. */
const NONE = "";

/** What single pieces and pairs would add to a season, and for how much; each can be told otherwise than it is usual. */
export function Purchases({ view, ofKit: { purchases, candidates }, currency }: Props) {
  const said = useStore($candidatesSaid);
  const [editing, setEditing] = useState<number | null>(null);
  const saidOf = (piece: number) => ({ ...candidates[piece]!, ...said.get(candidates[piece]!.name) });
  return (
    <section className="flex flex-col gap-2">
      <h2 className="text-lg font-semibold">{m.seasonToBuy}</h2>
      {purchases.length === 0 ? (
        <p className="max-w-prose">{m.seasonNothingToBuy}</p>
      ) : (
        <>
          <p className="text-muted max-w-prose text-sm">{m.seasonToBuySays}</p>
          <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.seasonToBuy}>
            <table className="text-sm tabular-nums">
              <thead>
                <tr className="border-line text-muted border-b text-right">
                  {[
                    m.seasonPiece,
                    m.seasonMoreOutings,
                    m.seasonHoursWon,
                    m.seasonPrice,
                    m.seasonPerHour,
                    m.seasonMass,
                    m.seasonPerMass,
                  ].map((head, column) => (
                    <th key={head} scope="col" className={`px-2 py-1 font-normal ${column === 0 ? "text-left" : ""}`}>
                      {head}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {purchases.map(({ pieces, moreOutings, wonMinutes }) => {
                  const price = pieces.reduce((sum, piece) => sum + (saidOf(piece).priceMinor ?? 0), 0);
                  const massG = pieces.reduce((sum, piece) => sum + (saidOf(piece).massG ?? 0), 0);
                  const hours = wonMinutes / MINUTES_PER_HOUR;
                  return (
                    <tr key={pieces.join()} className="border-line border-b text-right">
                      <th scope="row" className="px-2 py-1 text-left font-normal">
                        {pieces.map((piece, place) => (
                          <span key={piece}>
                            {place > 0 && ` ${m.seasonTogetherWith} `}
                            <button
                              type="button"
                              className="link min-h-6 text-left"
                              aria-expanded={editing === piece}
                              onClick={() => setEditing(editing === piece ? null : piece)}
                            >
                              {saidOf(piece).name}
                            </button>
                          </span>
                        ))}
                      </th>
                      <td className="px-2">{moreOutings}</td>
                      <td className="px-2">{plainNumber(hours, 1)}</td>
                      <td className="px-2">{moneyText(price, currency)}</td>
                      <td className="px-2">{moneyText(Math.round(price / hours), currency)}</td>
                      <td className="px-2">{quantityText("smallMass", massG)}</td>
                      <td className="px-2">{massG > 0 ? plainNumber((100 * hours) / massG, 1) : ""}</td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </div>
        </>
      )}
      <div className="max-w-md">
        <ChoiceField
          label={m.seasonPieceOtherwise}
          value={editing === null ? NONE : String(editing)}
          options={[
            [NONE, m.seasonNoPiece] as const,
            ...candidates.map((_, piece) => [String(piece), saidOf(piece).name] as const),
          ]}
          onChange={(piece) => setEditing(piece === NONE ? null : Number(piece))}
        />
      </div>
      {editing !== null && (
        <CandidateFields
          key={editing}
          view={view}
          generic={candidates[editing]!.name}
          candidate={saidOf(editing)}
          isLabelSaid={said.get(candidates[editing]!.name)?.label !== undefined}
          currency={currency}
        />
      )}
    </section>
  );
}
