type Props<Value extends string> = {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly (readonly [value: Value, words: string])[];
  readonly onChoose: (value: Value) => void;
};

/** A few ways beside each other, one of them taken. */
export function OneOf<Value extends string>({ label, value, options, onChoose }: Props<Value>) {
  return (
    <div role="group" aria-label={label} className="mb-3 flex flex-wrap gap-2">
      {options.map(([own, words]) => (
        <button
          key={own}
          type="button"
          className={`press ${own === value ? "border-accent border-2" : ""}`}
          aria-pressed={own === value}
          onClick={() => onChoose(own)}
        >
          {words}
        </button>
      ))}
    </div>
  );
}
