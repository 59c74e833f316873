import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useState } from "react";
import type { Worth } from "@/core/changes";
import { addedMassWords, gainWords } from "@/formats/display/words/change-words";
import { $trial, keepTrial, tryChange } from "@/stores/sheet/trying";

type Props = {
  readonly worth: Worth;
  readonly words: string;
  readonly price?: string | null;
};

const COLOUR = { gain: "text-moss-text", loss: "text-rust-text" } as const;

/** A change with what it gains; tried as a second curve, kept by a second press. */
export function WorthRow({ worth, words, price = null }: Props) {
  const trial = useStore($trial);
  const { change, gainedMinutes } = worth;
  const isTried = trial?.changeId === change.id;
  const [problem, setProblem] = useState<string | null>(null);
  const keep = (): Promise<void> => keepTrial().catch((error: Error) => setProblem(error.message));
  const beside = [change.kind === "practice" ? null : addedMassWords(change), price].filter((text) => text !== null);
  return (
    <li className="border-line flex flex-wrap items-center gap-x-3 gap-y-1 border-t py-1.5">
      <p className="basis-full text-sm leading-snug">{words}</p>
      <p className="text-muted flex-1 text-sm">
        <strong className={`${COLOUR[gainedMinutes < 0 ? "loss" : "gain"]} text-base`}>{gainWords(worth)}</strong>
        {beside.map((text) => ` · ${text}`)}
      </p>
      {isTried && trial.canBeKept && (
        <button type="button" className="press press-small border-accent" onClick={() => void keep()}>
          {m.keepChange}
        </button>
      )}
      <button
        type="button"
        className="press press-small"
        aria-pressed={isTried}
        aria-label={`${isTried ? m.putAway : m.tryWords}: ${words}`}
        onClick={() => void tryChange(change.id)}
      >
        {isTried ? m.putAway : m.tryWords}
      </button>
      {problem !== null && (
        <p role="alert" className="text-cranberry basis-full text-sm">
          {problem}
        </p>
      )}
      {isTried && !trial.canBeKept && <p className="text-muted basis-full text-sm">{m.shownOnlyTheSheetCannotHold}</p>}
    </li>
  );
}
