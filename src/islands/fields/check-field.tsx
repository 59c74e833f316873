type Props = { readonly label: string; readonly checked: boolean; readonly onChange: (checked: boolean) => void };

/** Yes or no. */
export const CheckField = ({ label, checked, onChange }: Props) => (
  <label className="flex min-h-6 items-center gap-2">
    <input type="checkbox" className="size-4" checked={checked} onChange={(event) => onChange(event.target.checked)} />
    {label}
  </label>
);
