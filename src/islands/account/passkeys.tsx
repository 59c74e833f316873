import * as m from "@/messages";
import { startRegistration, type PublicKeyCredentialCreationOptionsJSON } from "@simplewebauthn/browser";
import { useEffect, useState } from "react";
import type { PasskeyLine } from "@/formats/wire/account-schema";
import { ask } from "@/stores/ask";
import { Problem } from "../fields/problem";
import { passkeyProblem } from "./passkey-problem";

const URL_OF_KEYS = "/api/account/passkeys";

/** Keys this account signs in with, one more, one less. */
export function Passkeys({ name: accountName }: { readonly name: string }) {
  const [keys, setKeys] = useState<readonly PasskeyLine[]>([]);
  const [name, setName] = useState(accountName);
  const [problem, setProblem] = useState<string | null>(null);
  const [isMade, setMade] = useState(false);
  const tried = async (work: () => Promise<unknown>): Promise<void> => {
    setProblem(null);
    try {
      await work();
      setKeys(await ask<PasskeyLine[]>(URL_OF_KEYS));
    } catch (error) {
      setProblem(passkeyProblem(error));
    }
  };
  useEffect(() => {
    void ask<PasskeyLine[]>(URL_OF_KEYS)
      .then(setKeys)
      .catch((error: unknown) => setProblem(passkeyProblem(error)));
  }, []);
  const make = (): Promise<void> =>
    tried(async () => {
      setMade(false);
      const optionsJSON = await ask<PublicKeyCredentialCreationOptionsJSON>(`${URL_OF_KEYS}/options`, "POST", {});
      await ask(URL_OF_KEYS, "POST", { name, response: await startRegistration({ optionsJSON }) });
      setMade(true);
    });
  return (
    <section aria-labelledby="passkeys" className="flex flex-col gap-3">
      <h2 id="passkeys" className="text-lg font-semibold">
        {m.passkeysTitle}
      </h2>
      <p className="max-w-prose">{m.passkeysSay}</p>
      <ul className="flex flex-col gap-1">
        {keys.map((key) => (
          <li key={key.id} className="flex flex-wrap items-center gap-3">
            <span>{key.name}</span>
            <button
              type="button"
              className="press press-small"
              aria-label={m.passkeyForgetOf({ name: key.name })}
              onClick={() => void tried(() => ask(`${URL_OF_KEYS}/${key.id}`, "DELETE"))}
            >
              {m.passkeyForget}
            </button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col gap-1">
          <span className="text-muted text-sm">{m.passkeyName}</span>
          <input className="field" value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />
        </label>
        <button type="button" className="press" disabled={name.trim() === ""} onClick={() => void make()}>
          {m.passkeyMake}
        </button>
        <p role="status">{isMade && m.passkeyMade}</p>
      </div>
      <Problem words={problem} />
    </section>
  );
}
