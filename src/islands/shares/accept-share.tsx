import * as m from "@/messages";
import { useState } from "react";
import { sharedPath, type Offered } from "@/formats/wire/shares-schema";
import { ask } from "@/stores/ask";
import { messageOf } from "@/stores/message-of";
import { Problem } from "../fields/problem";
import { guarded } from "../page/guarded";

/** Accepts an invitation and goes to what it is of. */
function AcceptShare({ token }: { readonly token: string }) {
  const [problem, setProblem] = useState<string | null>(null);
  const accept = async (): Promise<void> => {
    try {
      setProblem(null);
      window.location.assign(sharedPath(await ask<Offered>("/api/shares/accept", "POST", { token })));
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <div className="flex flex-col items-start gap-3">
      <button type="button" className="press border-accent border-2 font-semibold" onClick={() => void accept()}>
        {m.invitationAccept}
      </button>
      <Problem words={problem} />
    </div>
  );
}

export default guarded(AcceptShare);
