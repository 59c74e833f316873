import * as m from "@/messages";
import { useState, type FormEvent, type ReactNode } from "react";

type Told = { readonly isProblem: boolean; readonly words: string };

type Props = {
  readonly title: string;
  /** `null`: it is new. */
  readonly row: { readonly retired: boolean } | null;
  /** What is lacking before it can be kept; `null` nothing. */
  readonly lacks: string | null;
  /** @throws {Error} with a message to show */
  readonly keep: () => Promise<unknown>;
  readonly retire: (retired: boolean) => Promise<unknown>;
  readonly keptWords: string;
  /** Raised with every edit: what was told before no longer holds. */
  readonly edits: unknown;
  readonly children: ReactNode;
};

/** The frame of an editor: keep, retire, and what came of it. */
export function KeptRow({ title, row, lacks, keep, retire, keptWords, edits, children }: Props) {
  const [told, setTold] = useState<(Told & { readonly of: unknown }) | null>(null);
  const tell = (isProblem: boolean, words: string): void => setTold({ isProblem, words, of: edits });
  const attempt = async (work: () => Promise<unknown>, words: string): Promise<void> => {
    try {
      await work();
      tell(false, words);
    } catch (error) {
      tell(true, (error as Error).message);
    }
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (lacks) tell(true, lacks);
    else void attempt(keep, keptWords);
  };
  const shown = told?.of === edits ? told : null;
  return (
    <form className="flex min-w-0 flex-col gap-4" onSubmit={submit} noValidate>
      <h2 className="text-xl font-semibold">{title}</h2>
      {children}
      <div className="flex flex-wrap items-center gap-3">
        <button type="submit" className="press border-accent border-2 font-semibold">
          {row ? m.keep : m.add}
        </button>
        {row && (
          <button
            type="button"
            className="press"
            onClick={() =>
              void attempt(() => retire(!row.retired), row.retired ? m.offeredAgain : m.retiredNoLongerOfferedKeptIn)
            }
          >
            {row.retired ? m.takeBack : m.retire}
          </button>
        )}
        {shown && (
          <p role={shown.isProblem ? "alert" : "status"} className={shown.isProblem ? "text-cranberry" : ""}>
            {shown.words}
          </p>
        )}
      </div>
    </form>
  );
}
