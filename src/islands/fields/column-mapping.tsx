import * as m from "@/messages";
/** A column of somebody's table: its head, what it holds, and an example. */
type MappedColumn<Role extends string> = {
  readonly head: string;
  readonly role: Role | null;
  readonly example: string;
};

type Props<Role extends string> = {
  readonly columns: readonly MappedColumn<Role>[];
  readonly options: readonly (readonly [role: Role, words: string])[];
  /** What is said of a column: "" leaves it out. */
  readonly onSay: (head: string, role: Role | "") => void;
};

/** What the columns of a table hold, as it was guessed; each can be said otherwise. */
export function ColumnMapping<Role extends string>({ columns, options, onSay }: Props<Role>) {
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-2" aria-label={m.whatTheColumnsHold}>
      {columns.map(({ head, role, example }) => (
        <li key={head} className="min-w-0">
          <label className="flex flex-col gap-1 text-sm">
            <span className="max-w-44 truncate font-semibold" title={head}>
              {head}
            </span>
            <select
              className="field max-w-44"
              value={role ?? ""}
              onChange={(event) => onSay(head, event.target.value as Role | "")}
            >
              <option value="">{m.leftOut}</option>
              {options.map(([own, words]) => (
                <option key={own} value={own}>
                  {words}
                </option>
              ))}
            </select>
            <span className="text-muted max-w-44 truncate text-xs" title={example}>
              {example}
            </span>
          </label>
        </li>
      ))}
    </ul>
  );
}
