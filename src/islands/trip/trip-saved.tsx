import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import { $saveProblem, $unsaved, guardUnsaved } from "@/stores/trip/trip";

/** Whether everything is kept, and why not. */
export function TripSaved() {
  useEffect(guardUnsaved, []);
  const isSaved = useStore($unsaved) === 0;
  const problem = useStore($saveProblem);
  if (problem !== null)
    return (
      <p role="alert" className="text-cranberry">
        {problem}
      </p>
    );
  return (
    <p role="status" data-testid="trip-saved" className="text-muted no-print text-sm">
      {isSaved ? m.saved : m.saving}
    </p>
  );
}
