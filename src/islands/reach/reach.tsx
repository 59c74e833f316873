import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect, useRef, useState } from "react";
import type { ReachMap } from "@/charts/reach-chart";
import { REACH_AXES } from "@/core/reach";
import { outfitsWorn, type KitOutfits } from "@/formats/display/kit-outfits";
import type { Preferences } from "@/formats/display/preferences";
import { quantityText } from "@/formats/display/quantities";
import { reachAnswerWords, reachCellWords } from "@/formats/display/words/reach-words";
import { reachCsv } from "@/formats/reach/reach-csv";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { PersonView } from "@/formats/wire/people/person-view";
import {
  $kitOutfits,
  $map,
  $overlay,
  $reachSettings,
  $read,
  $wantedMinutes,
  cellsShown,
  computeReach,
  plannedMinutesOf,
  type Mapping,
} from "@/stores/reach/reach";
import { planCell } from "@/stores/reach/plan-cell";
import { $preferences } from "@/stores/preferences";
import type { DressedKit } from "@/stores/wardrobe/dressed-kit";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { saveBlob, saveFile } from "../page/save-file";
import { useInitially } from "../page/use-initially";
import { Problem } from "../fields/problem";
import { KitOutfitList } from "../wardrobe/kit-outfit-list";
import { pngOf, svgText } from "./picture-file";
import { ReachLegend, ReachPicture } from "./reach-picture";
import { ReachSwitchFields } from "./reach-switches";
import { ReachTable } from "./reach-table";

type Props = {
  readonly view: OutingView;
  /** Laid over it. */
  readonly other: OutingView | null;
  readonly people: readonly PersonView[];
  readonly preferences: Preferences;
};

function mapOf(mapping: Mapping | null): ReachMap | null {
  const cells = cellsShown(mapping);
  return cells && { ...REACH_AXES, cells };
}

/** What a cell of a kit's map is worn in. */
function dressedAt(place: number): DressedKit | null {
  const found = $kitOutfits.get();
  const outfit = found?.wornAt[place] ?? null;
  return found && outfit !== null ? { kit: found.kit, outfit: found.outfits[outfit]! } : null;
}

/** Which outfit of a kit a cell is of: ", in outfit 3". */
function inOutfitWords(found: KitOutfits | null, place: number): string {
  const outfit = found?.wornAt[place] ?? null;
  return found === null || outfit === null ? "" : m.reachInOutfit({ number: outfitsWorn(found).indexOf(outfit) + 1 });
}

/** In how many cells an outfit is the best, and how mild and cold these are. */
function wornInWords({ wornAt }: KitOutfits, outfit: number, { cells }: ReachMap): string {
  const own = cells.filter((_, place) => wornAt[place] === outfit).map(({ airTemperatureC }) => airTemperatureC);
  return m.reachWornIn({
    cells: own.length,
    mildest: quantityText("temperature", Math.max(...own), 0),
    coldest: quantityText("temperature", Math.min(...own), 0),
  });
}

function statusWords(map: Mapping | null, overlay: Mapping | null): string {
  if (!map) return "";
  if (map.kind === "failed") return m.reachFailed({ message: map.message });
  if (map.kind === "computing") return m.reachComputing(map);
  if (overlay?.kind === "computing") return m.reachOverComputing(overlay);
  if (overlay?.kind === "failed") return m.reachFailed({ message: overlay.message });
  return m.reachComputed({ count: map.cells.length });
}

/** How far an outfit reaches: the map, a cell of it read, all cells in figures. */
function Reach({ view, other, people, preferences: fromCookie }: Props) {
  useInitially(() => {
    $preferences.set(fromCookie);
    $wantedMinutes.set(plannedMinutesOf(view));
  });
  const settings = useStore($reachSettings);
  // What a kit is dressed for is the hours wanted; how long one outfit lasts does not depend on them.
  const kitWantedMinutes = useStore($wantedMinutes) * (settings.of === "kit" ? 1 : 0);
  useEffect(() => void computeReach(view, other), [view, other, settings, kitWantedMinutes]);
  const [mapping, overlay] = [useStore($map), useStore($overlay)];
  const map = mapOf(mapping);
  return (
    <OnceAlive>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 pt-4 lg:grid-cols-[15rem_minmax(0,1fr)]">
        <div className="no-print max-lg:order-last">
          <ReachSwitchFields people={people} />
        </div>
        <div className="flex min-w-0 flex-col gap-3" aria-busy={mapping?.kind === "computing"}>
          <p role="status" className={mapping?.kind === "failed" ? "text-cranberry" : "text-muted text-sm"}>
            {statusWords(mapping, overlay)}
          </p>
          {map && <Shown view={view} map={map} over={mapOf(overlay)} isOld={mapping?.kind !== "found"} />}
        </div>
      </div>
    </OnceAlive>
  );
}

type ShownProps = {
  readonly view: OutingView;
  readonly map: ReachMap;
  readonly over: ReachMap | null;
  /** Of settings that have changed since. */
  readonly isOld: boolean;
};

function Shown({ view, map, over, isOld }: ShownProps) {
  const preferences = useStore($preferences);
  const { windPlace } = useStore($reachSettings);
  const wantedMinutes = useStore($wantedMinutes);
  const read = useStore($read);
  const kitOutfits = useStore($kitOutfits);
  const picture = useRef<SVGSVGElement>(null);
  const plannedMinutes = plannedMinutesOf(view);
  const [cell, otherCell] = read === null ? [null, null] : [map.cells[read]!, over?.cells[read] ?? null];
  return (
    <div className={`flex flex-col gap-3 ${isOld ? "opacity-60" : ""}`}>
      <ReachPicture
        map={map}
        over={over}
        windPlace={windPlace}
        wantedMinutes={wantedMinutes}
        plannedMinutes={plannedMinutes}
        read={read}
        onRead={(place) => $read.set(place)}
        preferences={preferences}
        picture={picture}
      />
      <p className="min-h-6 font-semibold" data-testid="cell-read">
        {cell
          ? reachCellWords(cell, plannedMinutes, preferences) +
            (isOld || read === null ? "" : inOutfitWords(kitOutfits, read)) +
            (otherCell ? m.reachOverSays({ answer: reachAnswerWords(otherCell, plannedMinutes) }) : "")
          : m.reachReadHint}
      </p>
      <ReachLegend wantedMinutes={wantedMinutes} hasOver={over !== null} />
      <Actions view={view} map={map} picture={picture} />
      {kitOutfits && !isOld && (
        <KitOutfitList
          found={kitOutfits}
          wornWords={(outfit) => wornInWords(kitOutfits, outfit, map)}
          open={read === null ? null : kitOutfits.wornAt[read]!}
          currency={preferences.currency}
        />
      )}
      <details>
        <summary className="cursor-pointer font-semibold">{m.reachTable}</summary>
        <ReachTable map={map} plannedMinutes={plannedMinutes} preferences={preferences} />
      </details>
    </div>
  );
}

type ActionsProps = {
  readonly view: OutingView;
  readonly map: ReachMap;
  readonly picture: React.RefObject<SVGSVGElement | null>;
};

/** What the map and its cells are taken along as. */
function Actions({ view, map, picture }: ActionsProps) {
  const read = useStore($read);
  const settings = useStore($reachSettings);
  const [problem, setProblem] = useState<string | null>(null);
  const tell = (error: unknown): void => setProblem(error instanceof Error ? error.message : String(error));
  const plan = async (): Promise<void> => {
    setProblem(null);
    try {
      window.location.assign(`/outings/${await planCell(view, map.cells[read!]!, settings, dressedAt(read!))}`);
    } catch (error) {
      tell(error);
    }
  };
  return (
    <div className="no-print flex flex-wrap items-center gap-3">
      <button type="button" className="press border-accent" disabled={read === null} onClick={() => void plan()}>
        {m.reachPlanCell}
      </button>
      <span className="text-muted text-sm">{m.reachExport}</span>
      <button type="button" className="press" onClick={() => saveFile("reach.csv", "text/csv", reachCsv(map.cells))}>
        {m.reachCsv}
      </button>
      <button
        type="button"
        className="press"
        onClick={() => saveFile("reach.svg", "image/svg+xml", svgText(picture.current!))}
      >
        {m.reachSvg}
      </button>
      <button
        type="button"
        className="press"
        onClick={() => void pngOf(picture.current!).then((blob) => saveBlob("reach.png", blob), tell)}
      >
        {m.reachPng}
      </button>
      <Problem words={problem} />
    </div>
  );
}

export default guarded(Reach);
