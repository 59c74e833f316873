import * as m from "@/messages";
import { startAuthentication, type PublicKeyCredentialRequestOptionsJSON } from "@simplewebauthn/browser";
import { useState } from "react";
import { ask } from "@/stores/ask";
import { Problem } from "../fields/problem";
import { passkeyProblem } from "./passkey-problem";

const URL_OF_SIGN_IN = "/api/account/passkey-sign-in";

/** Signs in with what the device holds. */
export function PasskeySignIn({ onDone }: { readonly onDone: () => void }) {
  const [problem, setProblem] = useState<string | null>(null);
  const signIn = async (): Promise<void> => {
    try {
      setProblem(null);
      const optionsJSON = await ask<PublicKeyCredentialRequestOptionsJSON>(`${URL_OF_SIGN_IN}/options`, "POST", {});
      await ask(URL_OF_SIGN_IN, "POST", { response: await startAuthentication({ optionsJSON }) });
      onDone();
    } catch (error) {
      setProblem(passkeyProblem(error));
    }
  };
  return (
    <div className="flex flex-col items-start gap-3">
      <button type="button" className="press" onClick={() => void signIn()}>
        {m.passkeySignIn}
      </button>
      <Problem words={problem} />
    </div>
  );
}
