import * as m from "@/messages";
import { insulationText } from "@/formats/display/quantities";
import { useStore } from "@nanostores/react";
import { Pause, Play } from "lucide-react";
import { memo, useEffect, useState, type KeyboardEvent } from "react";
import { FIGURE_SIZE, FRONT_FIGURE, SIDE_FIGURE, type FigureShape } from "@/charts/figure";
import { stateOfPart, type PartState } from "@/charts/state-of-part";
import { SEGMENT_COUNT } from "@/core/body";
import type { OutingResult, OutingSeries } from "@/core/simulation";
import { SITE_INDEX, SITES } from "@/core/patches";
import { plainNumber, temperatureText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { onSide, PATCH_WORDS } from "@/formats/display/words/body-words";
import { STATE_WORDS } from "@/formats/display/words/sheet-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $look, askLook } from "@/stores/answer/derived-results";
import { drawnFrom } from "../drawn-from";
import { usePlay } from "../time-axis/use-play";

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult;
  readonly minute: number;
  readonly preferences: Preferences;
};

const FILL: Readonly<Record<PartState, string>> = {
  warm: "fill-moss",
  cool: "fill-lichen",
  cold: "fill-rust",
  numb: "fill-cranberry",
};
/** A second cue beside colour: the colder, the denser the hatch. */
const HATCH: Readonly<Record<PartState, string | null>> = {
  warm: null,
  cool: "hatch-cool",
  cold: "hatch-cold",
  numb: "hatch-numb",
};

const Hatches = () => (
  <defs>
    <pattern id="hatch-cool" width="7" height="7" patternUnits="userSpaceOnUse">
      <circle cx="3.5" cy="3.5" r="0.9" className="fill-ground" />
    </pattern>
    <pattern id="hatch-cold" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <path d="M0,0 V6" strokeWidth="1.6" className="stroke-ground" />
    </pattern>
    <pattern id="hatch-numb" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <path d="M0,0 V5 M0,0 H5" strokeWidth="1.5" className="stroke-ground" />
    </pattern>
  </defs>
);

type Part = { readonly words: string; readonly temperatureC: number; readonly state: PartState; readonly site: number };

/** The face's colder part speaks for it. */
function temperatureOf({ patch, side, digit }: FigureShape, series: OutingSeries, minute: number): number {
  if (digit === "cheeks") return Math.min(series.digitC.cheeks[minute]!, series.digitC.nose[minute]!);
  if (digit) return series.digitC[digit][minute]!;
  const site = SITES[SITE_INDEX[side ? `${patch}.${side}` : patch]!]!;
  return series.segmentSkinC[minute * SEGMENT_COUNT + site.segmentIndex]!;
}

function partOf(shape: FigureShape, series: OutingSeries, minute: number): Part {
  const { patch, side } = shape;
  const temperatureC = temperatureOf(shape, series, minute);
  const kind = patch === "toes" || patch === "fingers" ? patch : shape.digit ? "face" : "skin";
  return {
    words: onSide(PATCH_WORDS[patch], side),
    temperatureC,
    state: stateOfPart(temperatureC, kind),
    site: SITE_INDEX[side ? `${patch}.${side}` : patch]!,
  };
}

type ShapesProps = {
  readonly shapes: readonly FigureShape[];
  readonly series: OutingSeries;
  readonly minute: number;
  readonly preferences: Preferences;
  readonly onPoint: (part: Part | null) => void;
  /** The part that Tab comes to: of all parts one, arrows go on from there. */
  readonly reached: string;
  readonly onReach: (key: string) => void;
};

const keyOf = ({ patch, side }: FigureShape): string => `${patch} ${side ?? ""}`;
const FORWARDS = ["ArrowRight", "ArrowDown"];
const BACKWARDS = ["ArrowLeft", "ArrowUp"];

/** Arrows go from part to part of the whole figure, round and round. */
function goOn(event: KeyboardEvent<Element>): void {
  const step = FORWARDS.includes(event.key) ? 1 : BACKWARDS.includes(event.key) ? -1 : 0;
  if (step === 0) return;
  event.preventDefault();
  const parts = [...(event.currentTarget.closest("svg")?.querySelectorAll<SVGGElement>("g[data-part]") ?? [])];
  const turn = parts.indexOf(event.currentTarget as SVGGElement);
  parts[(turn + step + parts.length) % parts.length]?.focus();
}

function Shapes({ shapes, series, minute, preferences, onPoint, reached, onReach }: ShapesProps) {
  return shapes.map((shape) => {
    const part = partOf(shape, series, minute);
    const hatch = HATCH[part.state];
    return (
      <g
        key={keyOf(shape)}
        data-part
        role="img"
        tabIndex={keyOf(shape) === reached ? 0 : -1}
        onKeyDown={goOn}
        aria-label={`${part.words}: ${temperatureText(part.temperatureC, preferences.temperature)}, ${STATE_WORDS[part.state]}`}
        onPointerEnter={() => onPoint(part)}
        onPointerDown={() => onPoint(part)}
        onFocus={() => {
          onReach(keyOf(shape));
          onPoint(part);
        }}
        onBlur={() => onPoint(null)}
        className="outline-none"
      >
        <path d={shape.path} strokeWidth={1.5} className={`focus-part stroke-ground ${FILL[part.state]}`} />
        {hatch && <path d={shape.path} fill={`url(#${hatch})`} className="pointer-events-none" />}
      </g>
    );
  });
}

function Pointed({ part, preferences }: { readonly part: Part | null; readonly preferences: Preferences }) {
  const look = useStore($look);
  const site = part && look?.sites[part.site];
  return (
    <p className="min-h-10 text-sm" data-testid="pointed-part">
      {part ? (
        <>
          <strong>{part.words}</strong> {temperatureText(part.temperatureC, preferences.temperature, 1)},{" "}
          {STATE_WORDS[part.state]}
          {site && (
            <span className="text-muted">
              {" "}
              · {insulationText(site.insulationM2KPerW, 1)} {m.toThe} {site.touches ? m.ground : m.air2}
              {m.loses} {plainNumber(site.lostW, 1)} W
            </span>
          )}
        </>
      ) : (
        <span className="text-muted">{m.pointAtAPartItsSkin}</span>
      )}
    </p>
  );
}

function SeatedFigure({ view, result, minute, preferences }: Props) {
  const { series } = result;
  const at = Math.min(minute, series.minutes);
  const [pointed, setPointed] = useState<Part | null>(null);
  const [isPlaying, setPlaying] = usePlay(series.minutes, at);
  useEffect(() => {
    if (!isPlaying) askLook(at);
  }, [at, isPlaying, result]);
  const clock = clockText(instantAt(view.startsAt, at), view.place.timeZone);
  const [reached, setReached] = useState(keyOf(SIDE_FIGURE[0]!));
  const drawn = { series, minute: at, preferences, onPoint: setPointed, reached, onReach: setReached };
  const { width, height } = FIGURE_SIZE;
  return (
    <section aria-label={m.sitter} className="own-layer flex break-inside-avoid flex-col gap-1 print:max-w-lg">
      <div className="flex items-center justify-between gap-3">
        <p>
          <strong className="text-lg">{clock}</strong> <span className="text-muted text-sm">{m.dragOverTheCurves}</span>
        </p>
        <button
          type="button"
          className="press press-small flex items-center gap-1.5"
          onClick={() => setPlaying(!isPlaying)}
        >
          {isPlaying ? <Pause aria-hidden="true" size={15} /> : <Play aria-hidden="true" size={15} />}
          {isPlaying ? m.stop : m.play}
        </button>
      </div>
      <svg
        viewBox={`0 0 ${2 * width} ${height + 4}`}
        role="group"
        aria-label={m.sitterAt({ clock })}
        aria-description={m.arrowKeysGoFromPartTo}
        className="block w-full"
        onPointerLeave={() => setPointed(null)}
      >
        <Hatches />
        <path
          d="M40,166 H122 M48,166 V248 M112,166 V248 M20,249 H186"
          strokeWidth={3}
          fill="none"
          className="stroke-line"
        />
        <Shapes {...drawn} shapes={SIDE_FIGURE} />
        <g transform={`translate(${width},0)`}>
          <path d="M50,249 H140" strokeWidth={3} className="stroke-line" />
          <Shapes {...drawn} shapes={FRONT_FIGURE.middle} />
          <Shapes {...drawn} shapes={FRONT_FIGURE.right} />
          <g transform={`translate(${width},0) scale(-1,1)`}>
            <Shapes {...drawn} shapes={FRONT_FIGURE.left} />
          </g>
          <text x={34} y={90} fontSize={11} className="fill-muted">
            {m.rightLetter}
          </text>
          <text x={150} y={90} fontSize={11} className="fill-muted">
            {m.leftLetter}
          </text>
        </g>
      </svg>
      <Pointed part={pointed} preferences={preferences} />
    </section>
  );
}

/** The seated figure at the minute read out, from the side and the front; the day can be played. */
export const Sitter = memo(SeatedFigure, drawnFrom<Props>("startsAt", "place"));
