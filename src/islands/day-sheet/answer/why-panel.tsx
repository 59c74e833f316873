import { insulationText, quantityText } from "@/formats/display/quantities";
import { useStore } from "@nanostores/react";
import type { PieceTrace, StackTrace, Trace } from "@/core/trace";
import { plainNumber, temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { PATCH_WORDS } from "@/formats/display/words/sheet-words";
import { limitWords } from "@/formats/display/words/limit-words";
import { $why } from "@/stores/answer/derived-results";

type Ended = Extract<Trace, { kind: "ended" }>;
type Shown = { readonly preferences: Preferences };

const watts = (value: number): string => `${plainNumber(value, 0)} W`;
const perArea = (value: number): string => `${plainNumber(value, 0)} W/m²`;
const placeWords = (patch: string, side: string | null): string =>
  `${side ? `${side} ` : ""}${PATCH_WORDS[patch] ?? patch}`;

function PieceStep({ piece }: { readonly piece: PieceTrace }) {
  return (
    <details className="border-line border-l pl-3">
      <summary>
        {piece.name}: <strong>{insulationText(piece.insulationM2KPerW, 2)}</strong>
        {piece.spreadM2KPerW > 0 && <span className="text-muted"> ± {insulationText(piece.spreadM2KPerW, 2)}</span>}
      </summary>
      <ul className="text-sm">
        {piece.materials.map(({ material, reading }, index) => (
          <li key={index}>
            {material.kind}, {quantityText("thickness", reading.thicknessMm)}:{" "}
            {insulationText(reading.insulationM2KPerW, 2)} <span className="text-muted">({reading.source})</span>
          </li>
        ))}
        {piece.assemblyFactor !== 1 && <li>seams and openings leave {plainNumber(piece.assemblyFactor * 100, 0)} %</li>}
        {piece.loftKept !== 1 && <li>wear leaves {plainNumber(piece.loftKept * 100, 0)} %</li>}
        <li className="text-muted">source: {piece.source}</li>
      </ul>
    </details>
  );
}

function StackStep({ stack }: { readonly stack: StackTrace }) {
  return (
    <details open className="border-line border-l pl-3">
      <summary>
        Over the {placeWords(stack.patch, stack.side)}: <strong>{insulationText(stack.totalM2KPerW, 2)}</strong> to the{" "}
        {stack.touches ? "ground" : "air"}
      </summary>
      {stack.leaks && <p className="text-sm">An opening lets wind in here.</p>}
      {stack.overfillMm > 0 && (
        <p className="text-sm">Too tight by {quantityText("thickness", stack.overfillMm)}: pressed, with less blood.</p>
      )}
      {stack.pieces.length === 0 && <p className="text-sm">bare</p>}
      {stack.pieces.map((piece) => (
        <PieceStep key={piece.pieceId} piece={piece} />
      ))}
      <p className="text-muted text-sm">source: {stack.source}</p>
    </details>
  );
}

function Heat({ trace }: { readonly trace: Ended }) {
  const { digit, body } = trace;
  return (
    <ul className="list-disc pl-5">
      {digit && (
        <li>
          It loses {perArea(digit.lostWPerM2)}
          {digit.byBloodWPerM2 !== null &&
            `; blood brings ${perArea(digit.byBloodWPerM2)}, the limb beside it ${perArea(digit.fromBesideWPerM2 ?? 0)}`}
          .
        </li>
      )}
      <li>
        The body makes {watts(body.madeW)} ({watts(body.shiveringW)} by shivering) and loses {watts(body.dryW)} dry,{" "}
        {watts(body.breathedW)} by breath, {watts(body.vapourW)} by vapour.
      </li>
      <li>
        Most goes at the{" "}
        {body.greatestLosses
          .slice(0, 3)
          .map(({ patch, side, lostW }) => `${placeWords(patch, side)} ${watts(lostW)}`)
          .join(", ")}
        .
      </li>
    </ul>
  );
}

/** From the limit over the heat of that minute and the stack to labels and their sources. */
export function TraceSteps({ trace, preferences }: Shown & { readonly trace: Ended }) {
  const { limit, conditions, stacks } = trace;
  const value =
    limit.value === null
      ? ""
      : limit.unit === "°C"
        ? temperatureText(limit.value, preferences.temperature)
        : `${limit.value} ${limit.unit}`;
  return (
    <div className="flex flex-col gap-3">
      <p>
        Limit reached: <strong>{limitWords(limit.limit, limit.place)}</strong>, {value}, at the level “{limit.level}”.{" "}
        <span className="text-muted">Source: {limit.source}.</span>
      </p>
      <p>
        Air {temperatureText(conditions.airTemperatureC, preferences.temperature, 1)}, wind past the body{" "}
        {windText(conditions.relativeWindMPerS, preferences.wind, 1)}, ground{" "}
        {temperatureText(conditions.groundTemperatureC, preferences.temperature, 1)}, heat made{" "}
        {plainNumber(conditions.activityRatio, 1)} times basal.
      </p>
      <Heat trace={trace} />
      {stacks.map((stack) => (
        <StackStep key={`${stack.patch} ${stack.side}`} stack={stack} />
      ))}
    </div>
  );
}

/** From the verdict to the limit, the heat of that minute, the stack, the label and its source. */
export function Why({ preferences }: Shown) {
  const trace = useStore($why);
  if (trace === null) return <p role="status">looking at that minute …</p>;
  if (trace.kind === "longerThan") return <p>Nothing ends the sit within the time computed: {trace.why}.</p>;
  return trace.kind === "ended" && <TraceSteps trace={trace} preferences={preferences} />;
}
