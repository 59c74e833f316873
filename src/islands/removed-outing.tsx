import * as m from "@/messages";
import { useState } from "react";
import { haveBack } from "@/stores/outing-head";
import { guarded } from "./page/guarded";
import { OnceAlive } from "./page/once-alive";

/** Told once an outing was taken off the list, with the way back. */
function RemovedOuting({ outingId }: { readonly outingId: string }) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <OnceAlive>
      <div role="status" className="border-accent mt-4 flex flex-wrap items-center gap-3 border-l-4 pl-3">
        <p>{problem ?? m.theOutingIsRemovedItCan}</p>
        <button
          type="button"
          className="press"
          onClick={() => void haveBack(outingId).catch((error: Error) => setProblem(error.message))}
        >
          {m.haveItBack}
        </button>
      </div>
    </OnceAlive>
  );
}

export default guarded(RemovedOuting);
