import type { KeyboardEvent, ReactNode } from "react";
import type { SheetLayout, Section } from "./layout";

/** Title of a section: in the gutter, or above it where there is no gutter. */
export function SectionTitle({
  layout,
  section,
  title,
  note,
}: {
  readonly layout: SheetLayout;
  readonly section: Section;
  readonly title: string;
  readonly note?: string;
}) {
  const y = layout.narrow ? section.top - 5 : section.top + 15;
  return (
    <text x={0} y={y} fontSize={13} fontWeight={650} className="fill-ink">
      {title}
      {note && (
        <tspan
          {...(layout.narrow ? { dx: 8 } : { x: 0, dy: 17 })}
          fontSize={12}
          fontWeight={400}
          className="fill-muted"
        >
          {note}
        </tspan>
      )}
    </text>
  );
}

type PressableProps = {
  readonly label: string;
  readonly pressed: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
};

/** A part of the drawing that is a button: by mouse, touch, Enter and Space. */
export function Pressable({ label, pressed, onPress, children }: PressableProps) {
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key !== "Enter" && event.key !== " ") return;
    event.preventDefault();
    onPress();
  };
  return (
    <g role="button" tabIndex={0} aria-label={label} aria-pressed={pressed} onClick={onPress} onKeyDown={onKeyDown}>
      {children}
    </g>
  );
}
