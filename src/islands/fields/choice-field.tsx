import { useId, type ReactNode } from "react";

type Props<Value extends string> = {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly (readonly [value: Value, words: string])[];
  readonly onChange: (value: Value) => void;
  /** What the field means, to be asked for. */
  readonly note?: ReactNode;
};

/** One of a few, by their words. */
export function ChoiceField<Value extends string>({ label, value, options, onChange, note }: Props<Value>) {
  const id = useId();
  return (
    <div className="flex max-w-full min-w-0 flex-col gap-1">
      <span className="flex items-center gap-1.5">
        <label htmlFor={id} className="text-muted text-sm">
          {label}
        </label>
        {note}
      </span>
      <select
        id={id}
        className="field max-w-full"
        value={value}
        onChange={(event) => onChange(event.target.value as Value)}
      >
        {options.map(([own, words]) => (
          <option key={own} value={own}>
            {words}
          </option>
        ))}
      </select>
    </div>
  );
}

/** Options of a table of words. */
export const optionsOf = <Value extends string>(words: Readonly<Record<Value, string>>): [Value, string][] =>
  Object.entries(words) as [Value, string][];
