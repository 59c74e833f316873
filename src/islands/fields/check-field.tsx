type Props = {
  readonly label: string;
  /** Of what it is, where several fields have one label. */
  readonly name?: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
};

/** Yes or no. */
export const CheckField = ({ label, name, checked, onChange }: Props) => (
  <label className="flex min-h-6 items-center gap-2">
    <input
      type="checkbox"
      className="size-4"
      aria-label={name}
      checked={checked}
      onChange={(event) => onChange(event.target.checked)}
    />
    {label}
  </label>
);
