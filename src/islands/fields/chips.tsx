import { useId } from "react";

type Props<Value extends string> = {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly (readonly [value: Value, words: string])[];
  readonly onChange: (value: Value) => void;
  /** A heading above says it already. */
  readonly isLabelHidden?: boolean;
};

/** One of a few that all stand there: one press, or the arrow keys. */
export function Chips<Value extends string>({ label, value, options, onChange, isLabelHidden = false }: Props<Value>) {
  const name = useId();
  return (
    <fieldset>
      <legend className={isLabelHidden ? "sr-only" : "text-muted pb-1 text-sm"}>{label}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map(([own, words]) => (
          <label
            key={own}
            className={`press cursor-pointer has-focus-visible:outline-2 ${own === value ? "border-accent border-2 font-semibold" : ""}`}
          >
            <input
              type="radio"
              className="sr-only"
              name={name}
              checked={own === value}
              onChange={() => onChange(own)}
            />
            {words}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
