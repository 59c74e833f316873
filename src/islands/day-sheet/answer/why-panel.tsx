import * as m from "@/messages";
import { materialWords } from "@/formats/display/words/label-words";
import { LEVEL_WORDS } from "@/formats/display/words/sheet-words";
import type { Patch, Side } from "@/core/patches";
import { insulationText, quantityText } from "@/formats/display/quantities";
import { useStore } from "@nanostores/react";
import type { PieceTrace, StackTrace, Trace } from "@/core/trace";
import { plainNumber, temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { onSide, PATCH_WORDS } from "@/formats/display/words/body-words";
import { limitWords } from "@/formats/display/words/limit-words";
import { $why } from "@/stores/answer/derived-results";

type Ended = Extract<Trace, { kind: "ended" }>;
type Shown = { readonly preferences: Preferences };

const watts = (value: number): string => `${plainNumber(value, 0)} W`;
const perArea = (value: number): string => `${plainNumber(value, 0)} W/m²`;
const placeWords = (patch: Patch, side: Side | null): string => onSide(PATCH_WORDS[patch], side);

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
            {materialWords(material)}, {quantityText("thickness", reading.thicknessMm)}:{" "}
            {insulationText(reading.insulationM2KPerW, 2)} <span className="text-muted">({reading.source})</span>
          </li>
        ))}
        {piece.assemblyFactor !== 1 && (
          <li>
            {m.seamsAndOpeningsLeave} {plainNumber(piece.assemblyFactor * 100, 0)} %
          </li>
        )}
        {piece.loftKept !== 1 && (
          <li>
            {m.wearLeaves} {plainNumber(piece.loftKept * 100, 0)} %
          </li>
        )}
        <li className="text-muted">
          {m.source} {piece.source}
        </li>
      </ul>
    </details>
  );
}

function StackStep({ stack }: { readonly stack: StackTrace }) {
  return (
    <details open className="border-line border-l pl-3">
      <summary>
        {m.overThe} {placeWords(stack.patch, stack.side)}: <strong>{insulationText(stack.totalM2KPerW, 2)}</strong>{" "}
        {m.toThe} {stack.touches ? m.ground : m.air2}
      </summary>
      {stack.leaks && <p className="text-sm">{m.anOpeningLetsWindInHere}</p>}
      {stack.overfillMm > 0 && (
        <p className="text-sm">
          {m.tooTightBy} {quantityText("thickness", stack.overfillMm)}
          {m.pressedWithLessBlood}
        </p>
      )}
      {stack.pieces.length === 0 && <p className="text-sm">{m.bare}</p>}
      {stack.pieces.map((piece) => (
        <PieceStep key={piece.pieceId} piece={piece} />
      ))}
      <p className="text-muted text-sm">
        {m.source} {stack.source}
      </p>
    </details>
  );
}

function Heat({ trace }: { readonly trace: Ended }) {
  const { digit, body } = trace;
  return (
    <ul className="list-disc pl-5">
      {digit && (
        <li>
          {m.itLoses} {perArea(digit.lostWPerM2)}
          {digit.byBloodWPerM2 !== null &&
            m.bloodBringsTheLimbBesideIt({
              perArea: perArea(digit.byBloodWPerM2),
              perArea2: perArea(digit.fromBesideWPerM2 ?? 0),
            })}
          .
        </li>
      )}
      <li>
        {m.theBodyMakes} {watts(body.madeW)} ({watts(body.shiveringW)} {m.byShiveringAndLoses} {watts(body.dryW)}{" "}
        {m.dry} {watts(body.breathedW)} {m.byBreath} {watts(body.vapourW)} {m.byVapour}
      </li>
      <li>
        {m.mostGoesAtThe}{" "}
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
        {m.limitReached} <strong>{limitWords(limit.limit, limit.place)}</strong>, {value}
        {m.atTheLevel}
        {LEVEL_WORDS[limit.level]}”.{" "}
        <span className="text-muted">
          {m.sourceTitle} {limit.source}.
        </span>
      </p>
      <p>
        {m.air} {temperatureText(conditions.airTemperatureC, preferences.temperature, 1)}
        {m.windPastTheBody} {windText(conditions.relativeWindMPerS, preferences.wind, 1)}
        {m.groundPart} {temperatureText(conditions.groundTemperatureC, preferences.temperature, 1)}
        {m.heatMade} {plainNumber(conditions.activityRatio, 1)} {m.timesBasal}
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
  if (trace === null) return <p role="status">{m.lookingAtThatMinute}</p>;
  if (trace.kind === "longerThan")
    return (
      <p>
        {m.nothingEndsTheSitWithinThe} {trace.why}.
      </p>
    );
  return trace.kind === "ended" && <TraceSteps trace={trace} preferences={preferences} />;
}
