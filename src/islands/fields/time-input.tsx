import { useId } from "react";

type Props = {
  readonly label: string;
  readonly type: "date" | "time" | "datetime-local";
  readonly value: string;
  readonly onChange: (value: string) => void;
};

/** A day, a time or both, as the browser asks for them. */
export function TimeInput({ label, type, value, onChange }: Props) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="text-muted text-sm">
        {label}
      </label>
      <input
        id={id}
        type={type}
        className="field self-start"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </div>
  );
}
