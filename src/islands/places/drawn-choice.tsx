import { useId, type ReactNode } from "react";

type Props<Value extends string> = {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly { readonly value: Value; readonly words: string; readonly drawing: ReactNode }[];
  readonly onChange: (value: Value) => void;
};

/** One of a few, each with a small drawing and its words. */
export function DrawnChoice<Value extends string>({ label, value, options, onChange }: Props<Value>) {
  const name = useId();
  return (
    <fieldset>
      <legend className="text-muted pb-1 text-sm">{label}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map(({ value: own, words, drawing }) => (
          <label
            key={own}
            className={`flex w-28 cursor-pointer flex-col items-center gap-1 border p-1 text-center text-sm leading-tight has-focus-visible:outline-2 ${own === value ? "border-accent border-2 font-semibold" : "border-line"}`}
          >
            <input
              type="radio"
              className="sr-only"
              name={name}
              checked={own === value}
              onChange={() => onChange(own)}
            />
            <svg viewBox="0 0 64 36" className="h-9 w-16" aria-hidden="true" focusable="false">
              {drawing}
            </svg>
            {words}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
