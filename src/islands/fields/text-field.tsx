/** The longest name there is room for. */
const MOST_NAME = 120;

type Props = { readonly label: string; readonly value: string; readonly onChange: (value: string) => void };

/** A line of text. */
export const TextField = ({ label, value, onChange }: Props) => (
  <label className="flex flex-col gap-1">
    <span className="text-muted text-sm">{label}</span>
    <input
      type="text"
      className="field"
      value={value}
      maxLength={MOST_NAME}
      onChange={(event) => onChange(event.target.value)}
    />
  </label>
);
