import * as m from "@/messages";
import { REACH_AXES, switched } from "@/core/reach";
import type { Kit, WorkInput } from "@/core/wardrobe";
import type { Database } from "@/db";
import type { JobAsked } from "@/formats/wire/jobs/job-schema";
import { candidatePieces, dresserPieces } from "@/formats/wire/kit/dresser-kit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { AppError } from "../app-error";
import { openOuting } from "../outings/open-outing";
import { peopleOf } from "../people/people";

function kitOf(view: OutingView, outing: Kit["outing"], wantedMinutes: number): Kit {
  const pieces = dresserPieces(view, [], []);
  if (pieces.length === 0) throw new AppError("bad-input", m.reachKitIsEmpty);
  return { outing: { ...outing, pieces: [], wearings: [] }, pieces, wantedMinutes };
}

/**
 * Reads what a computation is of: the outing's plan and its person's kit as they are saved now.
 * @throws {AppError} `not-found`, `bad-input` for an empty kit
 */
export async function inputOf(
  database: Database,
  ownerId: string,
  asked: JobAsked,
): Promise<WorkInput<"kit-map"> | WorkInput<"kit-season">> {
  const view = await openOuting(database, ownerId, asked.outingId);
  if (asked.work === "kit-season") {
    const { habit, weather, labels } = asked;
    const kit = kitOf(view, viewToOuting(view), habit.wantedMinutes);
    return { kit, habit, weather, candidates: candidatePieces(view, labels) };
  }
  const { personId, windPlace, switches, wantedMinutes } = asked;
  const person = personId === null ? null : (await peopleOf(database, ownerId)).find(({ id }) => id === personId);
  if (person === undefined) throw new AppError("not-found", m.reachNeedsOuting);
  const outing = switched(viewToOuting(person ? { ...view, person } : view), switches);
  return { kit: kitOf(view, outing, wantedMinutes), windPlace, axes: REACH_AXES };
}
