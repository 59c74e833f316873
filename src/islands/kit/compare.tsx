import * as m from "@/messages";
import { insulationFigure, insulationText, quantityText, unitLabel } from "@/formats/display/quantities";
import { useStore } from "@nanostores/react";
import { useState } from "react";
import { BENCH_WINDS_M_PER_S, pieceInWind } from "@/core/bench";
import { hoursToDrySoaked } from "@/core/care";
import { coveredPatches } from "@/core/labels";
import { DEXTERITY, NOISE, WATER_RESISTANCE, type Piece } from "@/core/pieces";
import { PATCHES, type Patch } from "@/core/patches";
import { cloFromInsulation } from "@/core/units";
import { dryingText } from "@/formats/display/words/care-words";
import { contestWords, printedGrams } from "@/formats/display/words/bench/compare-words";
import { moneyText, plainNumber, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { readingFigure, warmestClo } from "@/formats/display/words/reading-words";
import { PATCH_WORDS } from "@/formats/display/words/body-words";
import type { KitPiece } from "@/formats/wire/kit/kit-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf } from "@/formats/wire/outing/view-to-outing";
import { $preferences } from "@/stores/preferences";
import { ChoiceField } from "../fields/choice-field";
import { Dialog } from "../page/dialog";
import { MinutesBeside } from "./minutes-beside";

type Props = {
  readonly pieces: readonly KitPiece[];
  /** The outing they are tried in; `null` where there is none yet. */
  readonly sheet: OutingView | null;
  readonly onClose: () => void;
};

const BAR_PX = 16;
const ROW_PX = 24;
const WIDTH = 260;
const LEFT = 64;
const RIGHT = 40;

type BarsProps = {
  readonly piece: Piece;
  readonly patch: Patch;
  readonly mostClo: number;
  readonly preferences: Preferences;
};

const cloAt = (piece: Piece, patch: Patch, wind: number): number =>
  cloFromInsulation(pieceInWind(piece, patch, wind) ?? 0);

/** A piece in four winds; all that stand beside each other share one scale. */
function Bars({ piece, patch, mostClo, preferences }: BarsProps) {
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${ROW_PX * BENCH_WINDS_M_PER_S.length}`}
      role="img"
      className="block w-full"
      aria-label={`${piece.name}: ${BENCH_WINDS_M_PER_S.map((wind) => m.at2({ pieceInWind: insulationText(pieceInWind(piece, patch, wind) ?? 0, 2), wind: windText(wind, preferences.wind, 1) })).join(", ")}`}
    >
      {BENCH_WINDS_M_PER_S.map((wind, row) => {
        const clo = cloAt(piece, patch, wind);
        const width = (clo / mostClo) * (WIDTH - LEFT - RIGHT);
        return (
          <g key={wind} transform={`translate(0 ${row * ROW_PX})`}>
            <text x={LEFT - 6} y={13} textAnchor="end" fontSize={11.5} className="fill-muted">
              {windText(wind, preferences.wind, 1)}
            </text>
            <rect x={LEFT} y={1} width={Math.max(1, width)} height={BAR_PX} className="fill-accent" />
            <text x={LEFT + width + 5} y={13} fontSize={12} className="fill-ink">
              {insulationFigure(pieceInWind(piece, patch, wind) ?? 0, 2)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

const stepOf = (steps: readonly string[], step: number | undefined): string =>
  step === undefined ? m.notKnown : steps[step]!;

function perWear({ priceMinor, currency, outings }: KitPiece): string {
  if (priceMinor === null || currency === null) return m.priceNotKnown;
  return outings === 0 ? m.notWornYet : moneyText(priceMinor / outings, currency);
}

const ROWS: readonly { readonly title: string; readonly text: (piece: KitPiece, asPiece: Piece) => string }[] = [
  { title: m.printedGrams, text: (_, piece) => printedGrams(piece) },
  {
    title: m.whereItIsWarmest,
    text: ({ label }) => {
      const best = warmestClo(label);
      return best ? `${readingFigure(best)} ${unitLabel("insulation")} (${best.parts})` : "–";
    },
  },
  { title: m.mass, text: ({ massG }) => (massG === null ? m.notKnown : quantityText("smallMass", massG)) },
  {
    title: m.price,
    text: ({ priceMinor, currency }) =>
      priceMinor === null || currency === null ? m.notKnown : moneyText(priceMinor, currency),
  },
  { title: m.pricePerOutingSoFar, text: perWear },
  {
    title: m.packed,
    text: ({ traits }) => (traits.volumeL === undefined ? m.notKnown : `${plainNumber(traits.volumeL, 1)} L`),
  },
  { title: m.soakedDryInARoomAfter, text: (piece) => dryingText(hoursToDrySoaked(piece, "hung")) },
  { title: m.noise, text: ({ traits }) => stepOf(NOISE, traits.noise) },
  { title: m.water, text: ({ traits }) => stepOf(WATER_RESISTANCE, traits.waterResistance) },
  {
    title: m.fingersCan,
    text: ({ kind, traits }) => (kind === "handwear" ? stepOf(DEXTERITY, traits.dexterity) : "–"),
  },
];

/** Patches that at least two of the pieces cover, in order from head to foot. */
const sharedPatches = (pieces: readonly Piece[]): Patch[] =>
  PATCHES.filter((patch) => pieces.filter(({ label }) => coveredPatches(label).includes(patch)).length >= 2);

/** Pieces side by side: in wind, in grams, in money; reasons in words. */
export function Compare({ pieces, sheet, onClose }: Props) {
  const preferences = useStore($preferences);
  const asPieces = kitOf({ kit: pieces });
  const patches = sharedPatches(asPieces);
  const [wanted, setWanted] = useState<Patch | null>(null);
  const patch = wanted ?? patches[0];
  const mostClo = patch ? Math.max(...asPieces.map((piece) => cloAt(piece, patch, BENCH_WINDS_M_PER_S[0]))) : 1;
  const sentences = patch
    ? asPieces.flatMap((one, index) =>
        asPieces.slice(index + 1).flatMap((other) => contestWords(one, other, patch, preferences.wind) ?? []),
      )
    : [];
  return (
    <Dialog title={m.sideBySide} isOpen onClose={onClose} isWide>
      {patch ? (
        <>
          <div className="mb-3 flex flex-wrap items-end gap-4">
            <ChoiceField<Patch>
              label={m.lookedAtOn}
              value={patch}
              options={patches.map((own): [Patch, string] => [own, PATCH_WORDS[own]])}
              onChange={setWanted}
            />
            <p className="text-muted text-sm">
              {unitLabel("insulation")} {m.ofThePieceAloneInWind}
            </p>
          </div>
          <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
            {asPieces.map((piece) => (
              <section key={piece.id} aria-label={piece.name}>
                <h3 className="text-sm font-semibold">{piece.name}</h3>
                <Bars piece={piece} patch={patch} mostClo={mostClo} preferences={preferences} />
              </section>
            ))}
          </div>
          <ul className="my-3 text-sm" aria-label={m.howTheyStandToEachOther}>
            {sentences.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        </>
      ) : (
        <p className="text-muted mb-3">{m.noTwoOfThemCoverThe}</p>
      )}
      {sheet && <MinutesBeside pieces={pieces} sheet={sheet} />}
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.comparedInFigures}>
        <table className="w-full text-sm">
          <thead>
            <tr>
              <td />
              {pieces.map(({ id, name }) => (
                <th key={id} scope="col" className="px-2 py-1 text-left">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.map(({ title, text }) => (
              <tr key={title} className="border-line border-t align-top">
                <th scope="row" className="text-muted py-1 pr-3 text-left font-normal">
                  {title}
                </th>
                {pieces.map((piece, index) => (
                  <td key={piece.id} className="px-2 py-1">
                    {text(piece, asPieces[index]!)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Dialog>
  );
}
