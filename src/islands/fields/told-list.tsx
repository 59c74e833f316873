import * as m from "@/messages";
import type { Told } from "@/formats/table/read-table";

type Props = { readonly title: string; readonly told: readonly Told[]; readonly isProblem?: boolean };

const MOST_SHOWN = 12;

/** What an import says of a file, by its lines: what is left out, or how it was understood. */
export function ToldList({ title, told, isProblem = false }: Props) {
  if (told.length === 0) return null;
  return (
    <div
      role={isProblem ? "alert" : "status"}
      className={`border-l-4 px-3 text-sm ${isProblem ? "border-cranberry" : "border-accent"}`}
    >
      <p>{title}</p>
      <ul className="list-disc pl-5" aria-label={title}>
        {told.slice(0, MOST_SHOWN).map(({ at, reason }) => (
          <li key={`${at} ${reason}`}>{at === "" ? reason : `${at}: ${reason}`}</li>
        ))}
      </ul>
      {told.length > MOST_SHOWN && (
        <p>
          {m.and2} {told.length - MOST_SHOWN} {m.more}
        </p>
      )}
    </div>
  );
}
