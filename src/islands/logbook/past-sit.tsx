import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect, useState } from "react";
import { noteChart, type NotedCurve } from "@/charts/note-chart";
import type { LearntPart, PastSitCurves } from "@/core/calibration";
import { FELT_PARTS, type Felt, type FeltPart } from "@/core/logbook";
import { temperatureText } from "@/formats/display/numbers";
import { durationText } from "@/formats/display/time";
import { FELT_PART_WORDS, LEARNT_PART_WORDS, VOTE_WORDS } from "@/formats/display/words/logbook-words";
import { verdictWords } from "@/formats/display/words/sheet-words";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import type { LogbookEntry } from "@/formats/wire/logbook/logbook-view";
import { pastSit } from "@/stores/logbook/past-sit";
import { $preferences } from "@/stores/preferences";

const SIZE = { width: 640, height: 240 } as const;
const FRAME = { left: 44, right: 560, top: 10, bottom: 212 } as const;
const PARTS: readonly LearntPart[] = ["toes", "fingers", "body"];
const CURVE_OF: Readonly<Partial<Record<FeltPart, LearntPart>>> = {
  leftToes: "toes",
  rightToes: "toes",
  leftFingers: "fingers",
  rightFingers: "fingers",
  body: "body",
};
const STROKE: Readonly<Record<LearntPart, string>> = {
  toes: "stroke-accent",
  fingers: "stroke-cranberry",
  body: "stroke-ink",
};
const FILL: Readonly<Record<LearntPart, string>> = {
  toes: "fill-accent",
  fingers: "fill-cranberry",
  body: "fill-ink",
};

/** What was said of the parts a curve is of, at the minute it was cold or, where nobody looked, at the end. */
const saidOf = (part: LearntPart, { parts, minutes }: Felt): NotedCurve<LearntPart>["said"] =>
  FELT_PARTS.flatMap((own) => {
    const told = parts[own];
    if (!told || CURVE_OF[own] !== part) return [];
    return [{ minute: told.coldAfterMinutes ?? minutes, words: `${FELT_PART_WORDS[own]}: ${VOTE_WORDS[told.vote]}` }];
  });

type Props = { readonly entry: LogbookEntry; readonly file: OutingFile };

/** A sit that was told of, as it was: what was predicted, what is said today, and what was felt on the curves. */
export function PastSit({ entry, file }: Props) {
  const [curves, setCurves] = useState<PastSitCurves | null>(null);
  const { felt, predicted, today } = entry;
  useEffect(() => {
    let isShown = true;
    void pastSit(file, felt.minutes).then((found) => isShown && setCurves(found));
    return () => {
      isShown = false;
    };
  }, [file, felt.minutes]);
  return (
    <section aria-labelledby="past-sit" className="mx-auto flex max-w-[46rem] flex-col gap-2 pt-8">
      <h2 id="past-sit" className="text-lg font-semibold">
        {m.pastSitTitle}
      </h2>
      <dl className="grid grid-cols-[max-content_1fr] gap-x-4">
        <dt className="text-muted">{m.pastSitReally}</dt>
        <dd>{durationText(felt.minutes)}</dd>
        <dt className="text-muted">{m.pastSitThen}</dt>
        <dd>{predicted ? verdictWords(predicted) : m.pastSitNothingThen}</dd>
        <dt className="text-muted">{m.pastSitToday}</dt>
        <dd>{today?.verdict ? verdictWords(today.verdict) : today ? m.logbookNoPrediction : m.pastSitAsking}</dd>
      </dl>
      {curves ? <Curves curves={curves} felt={felt} /> : <p className="text-muted text-sm">{m.pastSitComputing}</p>}
      <p className="text-muted max-w-prose text-sm">{m.pastSitSays}</p>
    </section>
  );
}

function Curves({ curves, felt }: { readonly curves: PastSitCurves; readonly felt: Felt }) {
  const { temperature } = useStore($preferences);
  const noted = PARTS.map((key) => ({ key, valuesC: curves[key], said: saidOf(key, felt) }));
  const chart = noteChart(noted, FRAME);
  const words = noted
    .flatMap(({ said }) => said)
    .map(({ minute, words: own }) => `${own}, ${durationText(minute)}`)
    .join("; ");
  return (
    <figure>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        role="img"
        aria-label={m.pastSitPictureOf({ words: words || m.logbookNotSaid })}
        className="w-full"
      >
        {chart.temperatures.map(({ value, y }) => (
          <g key={value}>
            <path d={`M${FRAME.left} ${y}H${FRAME.right}`} className="stroke-line" />
            <text x={FRAME.left - 4} y={y + 4} textAnchor="end" className="fill-muted text-[12px]">
              {temperatureText(value, temperature)}
            </text>
          </g>
        ))}
        {chart.minutes.map(({ value, x }) => (
          <text key={value} x={x} y={FRAME.bottom + 18} textAnchor="middle" className="fill-muted text-[12px]">
            {durationText(value)}
          </text>
        ))}
        {chart.curves.map(({ key, path, end, said }) => (
          <g key={key}>
            <path d={path} className={`${STROKE[key]} fill-none stroke-2`} />
            <text x={end.x + 6} y={end.y + 4} className={`${FILL[key]} text-[12px]`}>
              {LEARNT_PART_WORDS[key]}
            </text>
            {said.map((own) => (
              <g key={own.words}>
                <circle cx={own.x} cy={own.y} r={5} className={`${STROKE[key]} fill-ground stroke-2`} />
                <text
                  x={own.x - 8}
                  y={own.y - 8}
                  textAnchor={own.x > SIZE.width / 3 ? "end" : "start"}
                  className="fill-ink text-[12px]"
                >
                  {own.words}
                </text>
              </g>
            ))}
          </g>
        ))}
      </svg>
      <figcaption className="sr-only">{words}</figcaption>
    </figure>
  );
}
