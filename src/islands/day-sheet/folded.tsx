import { useState, type ReactNode } from "react";

type Props = {
  readonly title: string;
  readonly isOpenAtFirst?: boolean;
  readonly children: ReactNode;
};

/**
 * A part of the sheet that is folded away until it is wanted: what is in it is computed and drawn only while it is
 * open, so that a drag does not pay for what nobody sees.
 */
export function Folded({ title, isOpenAtFirst = false, children }: Props) {
  const [isOpen, setOpen] = useState(isOpenAtFirst);
  return (
    <details
      className="border-line border-t pt-3"
      open={isOpen}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="cursor-pointer text-lg font-semibold">{title}</summary>
      {isOpen && children}
    </details>
  );
}
