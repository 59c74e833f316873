import * as m from "@/messages";
import { useState, type ReactNode } from "react";
import { useNamedInAddress } from "./use-named-in-address";

/** What is listed, with its editor beside it. */
export type Listed = {
  readonly id: string;
  readonly name: string;
  readonly retired: boolean;
  readonly outings: number;
};

export const NEW = "new";

type Props<Row extends Listed> = {
  readonly title: string;
  readonly rows: readonly Row[];
  readonly newWords: string;
  /** Keyed by what is edited: a draft belongs to one row. @param row `null`: something new */
  readonly editor: (row: Row | null, choose: (id: string) => void) => ReactNode;
};

/** A short list on the left, what is chosen of it on the right. */
export function ListAndEditor<Row extends Listed>({ title, rows, newWords, editor }: Props<Row>) {
  const [chosenId, setChosenId] = useState<string>(rows.find(({ retired }) => !retired)?.id ?? NEW);
  useNamedInAddress((named) => {
    if (rows.some(({ id }) => id === named)) setChosenId(named);
  });
  const [showsRetired, setShowsRetired] = useState(false);
  const chosen = rows.find(({ id }) => id === chosenId) ?? null;
  const listed = rows.filter((row) => showsRetired || !row.retired || row.id === chosenId);
  const button = (id: string, isChosen: boolean, content: ReactNode) => (
    <button
      type="button"
      className={`press w-full text-left ${isChosen ? "border-accent border-2" : ""}`}
      aria-pressed={isChosen}
      onClick={() => setChosenId(id)}
    >
      {content}
    </button>
  );
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 pt-6 md:grid-cols-[14rem_minmax(0,1fr)]">
      <div>
        <h1 className="text-2xl font-semibold">{title}</h1>
        <nav aria-label={title}>
          <ul className="flex flex-col gap-1 pt-3">
            {listed.map(({ id, name, retired, outings }) => (
              <li key={id}>
                {button(
                  id,
                  id === chosenId,
                  <>
                    {name}
                    <span className="text-muted block text-sm">
                      {outings === 1 ? m.outing2 : m.ofOutings({ outings })}
                      {retired && m.retired}
                    </span>
                  </>,
                )}
              </li>
            ))}
            <li>{button(NEW, chosen === null, newWords)}</li>
          </ul>
        </nav>
        {rows.some(({ retired }) => retired) && (
          <label className="flex min-h-6 items-center gap-2 pt-3 text-sm">
            <input
              type="checkbox"
              className="size-4"
              checked={showsRetired}
              onChange={(event) => setShowsRetired(event.target.checked)}
            />
            {m.alsoRetired}
          </label>
        )}
      </div>
      {editor(chosen, setChosenId)}
    </div>
  );
}
