import * as m from "@/messages";
import { atom } from "nanostores";
import type { Kit } from "@/core/wardrobe";
import { MODEL_VERSION } from "@/core/outing";
import { TEMPERATURE, type TemperatureUnit } from "@/formats/display/units";
import { doorColumns, type DoorRow } from "@/formats/door/door-rows";
import { dresserPieces } from "@/formats/wire/kit/dresser-kit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workBeside } from "@/workers/works-client";
import { messageOf } from "../message-of";
import { plannedMinutesOf } from "../reach/reach";

export type DoorState =
  | { readonly kind: "computing"; readonly doneShare: number }
  | { readonly kind: "found"; readonly columns: readonly (readonly DoorRow[])[] }
  | { readonly kind: "failed"; readonly message: string };

export const $door = atom<DoorState>({ kind: "computing", doneShare: 0 });

/** Calm air as it is on most mornings, and a wind one feels; at 10 m (assumption). */
const WINDS_M_PER_S = [1, 6];
/** Rows in round figures of whoever reads: 5 °C or 10 °F apart. */
const ROWS: Readonly<Record<TemperatureUnit, readonly number[]>> = {
  C: [10, 5, 0, -5, -10, -15, -20, -25, -30],
  F: [50, 40, 30, 20, 10, 0, -10, -20],
};

const KEPT_AS = "umiak-door-2 ";
/** What a table follows from: of anything else it is another table. */
const contentOf = ({ id, person, phases, setting, kit }: OutingView, unit: TemperatureUnit): string =>
  JSON.stringify([MODEL_VERSION, m.localeOfDates, id, person, phases, setting, kit, unit]);

type Kept = { readonly of: string; readonly columns: readonly (readonly DoorRow[])[] };

function keptTable(id: string): Kept | null {
  try {
    return JSON.parse(localStorage.getItem(KEPT_AS + id) ?? "null") as Kept | null;
  } catch {
    return null;
  }
}

function keep(id: string, kept: Kept): void {
  try {
    localStorage.setItem(KEPT_AS + id, JSON.stringify(kept));
  } catch {
    // Full or barred: it is only computed again.
  }
}

let turn = 0;

/** Shows the table that was kept for this outing, or computes it. */
export async function computeDoor(view: OutingView, unit: TemperatureUnit): Promise<void> {
  const own = ++turn;
  const isStale = (): boolean => own !== turn;
  const of = contentOf(view, unit);
  const kept = keptTable(view.id);
  if (kept?.of === of) return $door.set({ kind: "found", columns: kept.columns });
  $door.set({ kind: "computing", doneShare: 0 });
  try {
    const kit: Kit = {
      outing: { ...viewToOuting(view), pieces: [], wearings: [] },
      pieces: dresserPieces(view, [], []),
      wantedMinutes: plannedMinutesOf(view),
    };
    if (kit.pieces.length === 0) throw new Error(m.reachKitIsEmpty);
    const airTemperaturesC = ROWS[unit].map((shown) => TEMPERATURE[unit].toSi(shown));
    const table = await workBeside("door-table", { kit, airTemperaturesC, windsMPerS: WINDS_M_PER_S }, (doneShare) => {
      if (!isStale()) $door.set({ kind: "computing", doneShare });
      return !isStale();
    });
    if (!table) return;
    const columns = doorColumns(kit, table);
    keep(view.id, { of, columns });
    $door.set({ kind: "found", columns });
  } catch (error) {
    if (!isStale()) $door.set({ kind: "failed", message: messageOf(error) });
  }
}
