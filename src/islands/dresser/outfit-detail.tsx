import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { insulationOn, PLACEMENT, trunkLayersOn, type DressedOutfit, type DresserProblem } from "@/core/dresser";
import { atSeatFromMinute } from "@/core/outing";
import { NOISE } from "@/core/pieces";
import { moneyText } from "@/formats/display/numbers";
import { differenceText, quantityText } from "@/formats/display/quantities";
import { clockText } from "@/formats/display/time";
import { endsSentences, outfitName } from "@/formats/display/words/dresser-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $preferences } from "@/stores/preferences";
import { DressedFigure } from "./dressed-figure";
import { LeftList } from "./left-list";
import { OtherWays } from "./other-ways";
import { OutfitActions } from "./outfit-actions";
import { PieceList, type ListedPiece } from "./piece-list";

type Props = {
  readonly view: OutingView;
  readonly problem: DresserProblem;
  readonly outfit: DressedOutfit;
  readonly turn: number;
};

/** The trade's rule: as if it were so much warmer (common practice, no source). */
const WARMER_K = 5.5;

/** An outfit looked at: dressed on the way and at the seat, what goes where and when, what ends it, and what stays at home. */
export function OutfitDetail({ view, problem, outfit, turn }: Props) {
  const { kit } = problem;
  const { code } = outfit;
  const { currency } = useStore($preferences);
  const worn = new Map(problem.outings.wearings(code).map((wearing) => [wearing.pieceId, wearing]));
  const seat = atSeatFromMinute(view.phases);
  const clockAt = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  const at = (placement: number): ListedPiece[] =>
    kit.flatMap((piece, index) =>
      code[index] === placement ? [{ piece, massG: problem.massesG[index]!, side: worn.get(piece.id)!.side }] : [],
    );
  const isOpen = code.at(-2) === 1;
  const putOnAt = byMinute(at(PLACEMENT.seat), ({ piece }) => worn.get(piece.id)!.fromMinute);
  return (
    <section aria-label={outfitName(outfit, turn)} className="flex min-w-0 flex-col gap-3" data-testid="outfit">
      <h2 className="text-xl font-semibold">{outfitName(outfit, turn)}</h2>
      <p>{endsSentences(outfit).join(" ")}</p>
      <OutfitActions outfit={outfit} viewId={view.id} />
      <div className="flex flex-wrap items-end gap-4">
        {seat > 0 && (
          <DressedFigure title={m.onTheWayFigure} view="front" insulation={insulationOn(kit, code, "way")} />
        )}
        <DressedFigure title={m.atTheSeatFigure} view="side" insulation={insulationOn(kit, code, "seat")} />
      </div>
      <div className="grid gap-4 sm:grid-cols-2">
        <PieceList title={m.wearFromStart} pieces={at(PLACEMENT.start)} currency={currency} />
        <div className="flex flex-col gap-3">
          {putOnAt.map(([minute, pieces]) => (
            <PieceList
              key={minute}
              title={m.carryAndPutOn({ clock: clockAt(minute) })}
              pieces={pieces}
              currency={currency}
            />
          ))}
          <PieceList title={m.onTheWayOnly({ clock: clockAt(seat) })} pieces={at(PLACEMENT.way)} currency={currency} />
        </div>
      </div>
      {isOpen && <p className="text-sm">{m.openOnTheWay({ clock: clockAt(seat) })}</p>}
      <p className="text-sm">
        {outfit.sweat ? m.sweatOfOutfit({ amount: quantityText("areal", outfit.sweat.gPerM2) }) : m.dryOnArrival}{" "}
        {m.noiseOfOutfit({ noise: NOISE[outfit.loudestNoise]! })}{" "}
        {outfit.costMinor > 0 && m.costOfOutfit({ price: moneyText(outfit.costMinor, currency) })}
      </p>
      {seat > 0 && <TradeRule view={view} problem={problem} outfit={outfit} />}
      <p className="text-muted text-sm">{m.headThePacks}</p>
      <LeftList kit={kit} />
      <OtherWays kit={kit} />
    </section>
  );
}

/** Pieces by the minute at which they are put on. */
function byMinute(pieces: readonly ListedPiece[], minuteOf: (piece: ListedPiece) => number): [number, ListedPiece[]][] {
  const found = new Map<number, ListedPiece[]>();
  for (const piece of pieces) found.set(minuteOf(piece), [...(found.get(minuteOf(piece)) ?? []), piece]);
  return [...found].sort(([one], [other]) => one - other);
}

/** What practice says of the way in, beside what was found. */
function TradeRule({ view, problem, outfit }: Pick<Props, "view" | "problem" | "outfit">) {
  const now = view.weather[0]?.airTemperatureC;
  if (now === undefined) return null;
  return (
    <p className="text-sm">
      {m.tradeRuleBeside({
        warmer: differenceText(WARMER_K, 0),
        asIf: quantityText("temperature", now + WARMER_K, 0),
        now: quantityText("temperature", now, 0),
        onWay: trunkLayersOn(problem.kit, outfit.code, "way"),
        all: trunkLayersOn(problem.kit, outfit.code, "seat"),
      })}
    </p>
  );
}
