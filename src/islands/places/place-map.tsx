import * as m from "@/messages";
import { geoGraticule, geoMercator, geoPath } from "d3-geo";
import { useDrag } from "@use-gesture/react";
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from "react";
import { clamp } from "@/core/numeric";
import type { Position } from "@/formats/position/read-position";
import { landFor, type LandPart } from "./map-land";

const WIDTH = 720;
const HEIGHT = 440;
/** Width of the map in degrees of longitude: the world, down to a valley. */
const WORLD_DEG = 360;
const NEAREST_DEG = 0.5;
const FINE_BELOW_DEG = 70;
const ZOOM_STEP = 2;
/** Mercator's map ends before the poles do. */
const MOST_LATITUDE_DEG = 82;
/** How far an arrow key moves the point, of the width. */
const KEY_SHARE = 1 / 40;

/** A place that is marked besides. */
export type MarkedPlace = Position & { readonly name: string };

type Props = {
  readonly position: Position | null;
  readonly others: readonly MarkedPlace[];
  readonly onChange: (position: Position) => void;
};

type View = Position & { readonly widthDeg: number };
const START: View = { latitudeDeg: 55, longitudeDeg: 10, widthDeg: 60 };
const NEAR_DEG = 8;
/** Names right of this share of the width stand left of their point. */
const LABEL_TURNS_AT = 0.75;

const wrapped = (longitudeDeg: number): number => ((((longitudeDeg + 180) % 360) + 360) % 360) - 180;

const moved = (view: View, eastDeg: number, northDeg: number): View => ({
  ...view,
  longitudeDeg: wrapped(view.longitudeDeg + eastDeg),
  latitudeDeg: clamp(view.latitudeDeg + northDeg, -MOST_LATITUDE_DEG, MOST_LATITUDE_DEG),
});

const projectionOf = ({ latitudeDeg, longitudeDeg, widthDeg }: View) =>
  geoMercator()
    .rotate([-longitudeDeg, 0])
    .center([0, latitudeDeg])
    .scale((WIDTH / 2 / Math.PI) * (WORLD_DEG / widthDeg))
    .translate([WIDTH / 2, HEIGHT / 2])
    .clipExtent([
      [0, 0],
      [WIDTH, HEIGHT],
    ]);

/** Whether a part of the land may be in sight; what crosses the date line always may. */
function mayBeSeen(part: LandPart, { latitudeDeg, longitudeDeg, widthDeg }: View): boolean {
  if (part.west > part.east || part.east - part.west > 180) return true;
  if (Math.abs(wrapped((part.west + part.east) / 2 - longitudeDeg)) > widthDeg / 2 + (part.east - part.west) / 2)
    return false;
  return part.south < latitudeDeg + widthDeg && part.north > latitudeDeg - widthDeg;
}

/** The world to point at. Whoever cannot see or point types the coordinates beside it. */
export function PlaceMap({ position, others, onChange }: Props) {
  const [view, setView] = useState<View>(position ? { ...position, widthDeg: NEAR_DEG } : START);
  const detail = view.widthDeg < FINE_BELOW_DEG ? "fine" : "coarse";
  const [land, setLand] = useState<readonly LandPart[]>([]);
  const [isMissing, setIsMissing] = useState(false);
  const svg = useRef<SVGSVGElement>(null);
  useEffect(() => {
    let isWanted = true;
    landFor(detail).then(
      (parts) => isWanted && (setLand(parts), setIsMissing(false)),
      () => isWanted && setIsMissing(true),
    );
    return () => void (isWanted = false);
  }, [detail]);
  // A point that is typed comes into sight.
  const lastShown = useRef(position);
  useEffect(() => {
    const before = lastShown.current;
    lastShown.current = position;
    if (!position || (before?.latitudeDeg === position.latitudeDeg && before.longitudeDeg === position.longitudeDeg))
      return;
    setView((now) => {
      const point = projectionOf(now)([position.longitudeDeg, position.latitudeDeg]);
      const isInSight = point && point[0] > 0 && point[0] < WIDTH && point[1] > 0 && point[1] < HEIGHT;
      return isInSight ? now : { ...position, widthDeg: Math.min(now.widthDeg, NEAR_DEG) };
    });
  }, [position]);

  const projection = useMemo(() => projectionOf(view), [view]);
  const drawn = useMemo(() => {
    const path = geoPath(projection);
    return {
      land: land
        .filter((part) => mayBeSeen(part, view))
        .map(({ geometry }) => path(geometry) ?? "")
        .join(""),
      grid: path(geoGraticule().step(view.widthDeg > 40 ? [10, 10] : view.widthDeg > 8 ? [2, 2] : [0.5, 0.5])()) ?? "",
    };
  }, [projection, land, view]);

  const pointAt = (x: number, y: number): Position | null => {
    const box = svg.current?.getBoundingClientRect();
    const found =
      box && projection.invert?.([((x - box.left) / box.width) * WIDTH, ((y - box.top) / box.height) * HEIGHT]);
    return found ? { longitudeDeg: found[0], latitudeDeg: found[1] } : null;
  };
  const rounded = ({ latitudeDeg, longitudeDeg }: Position): Position => {
    const decimals = view.widthDeg > 20 ? 2 : 4;
    return {
      latitudeDeg: Number(clamp(latitudeDeg, -90, 90).toFixed(decimals)),
      longitudeDeg: Number(wrapped(longitudeDeg).toFixed(decimals)),
    };
  };
  const bind = useDrag(
    ({ tap, xy: [x, y], delta: [dx, dy] }) => {
      if (tap) {
        const point = pointAt(x, y);
        if (point) onChange(rounded(point));
        return;
      }
      const box = svg.current?.getBoundingClientRect();
      if (!box) return;
      const perPixel = view.widthDeg / box.width;
      const cosine = Math.cos((view.latitudeDeg * Math.PI) / 180);
      setView((now) => moved(now, -dx * perPixel, dy * perPixel * cosine));
    },
    { filterTaps: true, pointer: { touch: true } },
  );
  const zoom = (times: number): void =>
    setView((now) => ({
      ...(times < 1 && position && now.widthDeg > NEAR_DEG ? { ...now, ...position } : now),
      widthDeg: clamp(now.widthDeg * times, NEAREST_DEG, WORLD_DEG),
    }));
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = view.widthDeg * KEY_SHARE;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[event.key];
    if (by) {
      const from = position ?? view;
      onChange(rounded({ latitudeDeg: from.latitudeDeg + by[1]!, longitudeDeg: from.longitudeDeg + by[0]! }));
    } else if (event.key === "+") zoom(1 / ZOOM_STEP);
    else if (event.key === "-") zoom(ZOOM_STEP);
    else return;
    event.preventDefault();
  };
  const spot = (point: Position): readonly [number, number] | null => {
    const found = projection([point.longitudeDeg, point.latitudeDeg]);
    return found && found[0] >= 0 && found[0] <= WIDTH && found[1] >= 0 && found[1] <= HEIGHT ? found : null;
  };
  const here = position && spot(position);
  return (
    <div className="no-print flex flex-col gap-1">
      <div className="relative">
        <svg
          {...bind()}
          ref={svg}
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          className="border-line bg-sea-pale block h-auto w-full cursor-crosshair touch-none border"
          role="application"
          aria-label={m.mapPressOnItToSet}
          tabIndex={0}
          onKeyDown={onKeyDown}
        >
          <path d={drawn.grid} className="stroke-sea-light fill-none opacity-40" strokeWidth="0.6" />
          <path d={drawn.land} className="fill-raised stroke-muted" strokeWidth="0.7" />
          {others.map((other) => {
            const at = spot(other);
            return (
              at && (
                <g key={other.name} transform={`translate(${at[0]} ${at[1]})`}>
                  <circle r="3.5" className="fill-muted" />
                  {view.widthDeg < 40 && (
                    <text
                      x={at[0] > WIDTH * LABEL_TURNS_AT ? -6 : 6}
                      y="4"
                      textAnchor={at[0] > WIDTH * LABEL_TURNS_AT ? "end" : "start"}
                      className="fill-muted text-sm"
                    >
                      {other.name}
                    </text>
                  )}
                </g>
              )
            );
          })}
          {here && (
            <g transform={`translate(${here[0]} ${here[1]})`} data-testid="map-point">
              <circle r="9" className="stroke-accent fill-none" strokeWidth="2.5" />
              <circle r="2.5" className="fill-accent" />
            </g>
          )}
        </svg>
        <div className="absolute top-2 right-2 flex flex-col gap-1">
          <button type="button" className="press bg-raised" aria-label={m.zoomIn} onClick={() => zoom(1 / ZOOM_STEP)}>
            +
          </button>
          <button type="button" className="press bg-raised" aria-label={m.zoomOut} onClick={() => zoom(ZOOM_STEP)}>
            −
          </button>
        </div>
      </div>
      {isMissing && (
        <p role="status" className="text-muted text-sm">
          {m.theCoastsCannotBeLoadedJust}
        </p>
      )}
    </div>
  );
}
