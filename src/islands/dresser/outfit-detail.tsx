import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { Fragment, useState, type FormEvent } from "react";
import {
  insulationOn,
  PLACEMENT,
  trunkLayersOn,
  type DressedOutfit,
  type DresserPiece,
  type DresserProblem,
} from "@/core/dresser";
import { atSeatFromMinute } from "@/core/outing";
import { usualWearing } from "@/core/dressing";
import { LANES, laneOf, NOISE } from "@/core/pieces";
import { moneyText } from "@/formats/display/numbers";
import { differenceText, loadText, quantityText } from "@/formats/display/quantities";
import { clockText } from "@/formats/display/time";
import { LANE_WORDS } from "@/formats/display/words/body-words";
import { endsSentences, outfitName } from "@/formats/display/words/dresser-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { keepDressed, wearDressed } from "@/stores/dresser/dresser";
import { $preferences } from "@/stores/preferences";
import { TextField } from "../fields/text-field";
import { DressedFigure } from "./dressed-figure";
import { LeftList } from "./left-list";

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
  const seat = atSeatFromMinute(view.phases);
  const clockAt = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  const at = (placement: number): DresserPiece[] => kit.filter((_, index) => code[index] === placement);
  const isOpen = code.at(-2) === 1;
  const putOnAt = byMinute(problem, code, at(PLACEMENT.seat));
  return (
    <section aria-label={outfitName(outfit, turn)} className="flex min-w-0 flex-col gap-3" data-testid="outfit">
      <h2 className="text-xl font-semibold">{outfitName(outfit, turn)}</h2>
      <p>{endsSentences(outfit).join(" ")}</p>
      <Actions outfit={outfit} viewId={view.id} />
      <div className="flex flex-wrap items-end gap-4">
        {seat > 0 && (
          <DressedFigure title={m.onTheWayFigure} view="front" insulation={insulationOn(kit, code, "way")} />
        )}
        <DressedFigure title={m.atTheSeatFigure} view="side" insulation={insulationOn(kit, code, "seat")} />
      </div>
      <div className="grid gap-4 sm:grid-cols-2">
        <PieceList title={m.wearFromStart} pieces={at(PLACEMENT.start)} problem={problem} />
        <div className="flex flex-col gap-3">
          {putOnAt.map(([minute, pieces]) => (
            <PieceList
              key={minute}
              title={m.carryAndPutOn({ clock: clockAt(minute) })}
              pieces={pieces}
              problem={problem}
            />
          ))}
          <PieceList title={m.onTheWayOnly({ clock: clockAt(seat) })} pieces={at(PLACEMENT.way)} problem={problem} />
        </div>
      </div>
      {isOpen && <p className="text-sm">{m.openOnTheWay({ clock: clockAt(seat) })}</p>}
      <p className="text-sm">
        {outfit.sweat ? m.sweatOfOutfit({ amount: quantityText("areal", outfit.sweat.gPerM2) }) : m.dryOnArrival}{" "}
        {m.noiseOfOutfit({ noise: NOISE[outfit.loudestNoise]! })}
      </p>
      {seat > 0 && <TradeRule view={view} problem={problem} outfit={outfit} />}
      <p className="text-muted text-sm">{m.headThePacks}</p>
      <LeftList kit={kit} />
      <p className="text-muted text-sm">{m.practiceElsewhere}</p>
    </section>
  );
}

/** Pieces by the minute at which they are put on. */
function byMinute(
  { outings }: DresserProblem,
  code: DressedOutfit["code"],
  pieces: readonly DresserPiece[],
): [number, DresserPiece[]][] {
  const minutes = new Map(outings.wearings(code).map(({ pieceId, fromMinute }) => [pieceId, fromMinute]));
  const found = new Map<number, DresserPiece[]>();
  for (const piece of pieces) {
    const minute = minutes.get(piece.id)!;
    found.set(minute, [...(found.get(minute) ?? []), piece]);
  }
  return [...found].sort(([one], [other]) => one - other);
}

function PieceList({
  title,
  pieces,
  problem,
}: {
  readonly title: string;
  readonly pieces: readonly DresserPiece[];
  readonly problem: DresserProblem;
}) {
  const { currency } = useStore($preferences);
  if (pieces.length === 0) return null;
  const sides = new Map(problem.outings.wearings(codeOf(problem, pieces)).map(({ pieceId, side }) => [pieceId, side]));
  const lanes = LANES.map((lane) => [lane, pieces.filter((piece) => laneOf(piece) === lane)] as const);
  return (
    <div>
      <h3 className="border-line border-b font-semibold">{title}</h3>
      <dl className="grid grid-cols-[3.5rem_minmax(0,1fr)] gap-x-2">
        {lanes
          .filter(([, own]) => own.length > 0)
          .map(([lane, own]) => (
            <Fragment key={lane}>
              <dt className="text-muted text-sm leading-6">{LANE_WORDS[lane]}</dt>
              <dd>
                <ul>
                  {own
                    .sort((one, other) => usualWearing(one).rank - usualWearing(other).rank)
                    .map((piece) => ({ ...piece, piece }))
                    .map(({ id, name, isGeneric, massG, priceMinor, piece }) => (
                      <li key={id}>
                        {name}
                        <span className="text-muted text-sm">
                          {" "}
                          {massG === undefined
                            ? m.aboutSoHeavy({
                                mass: quantityText("smallMass", problem.massesG[problem.kit.indexOf(piece)]!),
                              })
                            : quantityText("smallMass", massG)}
                          {sides.get(id) === "both" ? "" : `, ${m.otherHandOnly}`}
                          {isGeneric &&
                            `, ${priceMinor ? m.notOwnedPriced({ price: moneyText(priceMinor, currency) }) : m.notOwned}`}
                        </span>
                      </li>
                    ))}
                </ul>
              </dd>
            </Fragment>
          ))}
      </dl>
    </div>
  );
}

/** An outfit of just these pieces: how each is worn does not hang on the others. */
function codeOf(problem: DresserProblem, pieces: readonly DresserPiece[]): Uint8Array {
  const code = problem.bare();
  for (const piece of pieces) code[problem.kit.indexOf(piece)] = PLACEMENT.start;
  return code;
}

/** What practice says of the way in, beside what was found. */
function TradeRule({ view, problem, outfit }: Pick<Props, "view" | "problem" | "outfit">) {
  const { temperature } = useStore($preferences);
  const now = view.weather[0]?.airTemperatureC;
  if (now === undefined) return null;
  return (
    <p className="text-sm" data-unit={temperature}>
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

/** Wears it on the sheet, or keeps it by name. */
function Actions({ outfit, viewId }: { readonly outfit: DressedOutfit; readonly viewId: string }) {
  const [name, setName] = useState("");
  const [isKeeping, setIsKeeping] = useState(false);
  const [told, setTold] = useState<string | null>(null);
  const wear = async (): Promise<void> => {
    try {
      if (await wearDressed()) window.location.assign(`/outings/${viewId}`);
      else setTold(m.outfitNotSaved);
    } catch (error) {
      setTold((error as Error).message);
    }
  };
  const keep = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const wanted = name.trim();
    if (wanted === "") return setTold(m.giveTheOutfitAName);
    try {
      await keepDressed(wanted);
      setTold(m.outfitKept({ name: wanted }));
      setIsKeeping(false);
    } catch (error) {
      setTold((error as Error).message);
    }
  };
  return (
    <div className="no-print flex flex-col gap-2">
      <div className="flex flex-wrap gap-3">
        <button type="button" className="press border-accent border-2 font-semibold" onClick={() => void wear()}>
          {m.wearThisOutfit}
        </button>
        <button type="button" className="press" aria-expanded={isKeeping} onClick={() => setIsKeeping(!isKeeping)}>
          {m.keepOutfitAs}
        </button>
        <span className="self-center text-sm">{loadText(outfit.carriedG)}</span>
      </div>
      {isKeeping && (
        <form className="flex flex-wrap items-end gap-3" onSubmit={(event) => void keep(event)}>
          <TextField label={m.outfitNameField} value={name} onChange={setName} />
          <button type="submit" className="press">
            {m.keep}
          </button>
        </form>
      )}
      <p role="status" className="text-sm">
        {told}
      </p>
    </div>
  );
}
