import type { KeyboardEvent, ReactNode } from "react";
import { openedByKey } from "../opened-by-key";
import type { Section, SheetFrame } from "./layout";

/** Title of a section: in the gutter, or above it where there is no gutter. */
export function SectionTitle({
  frame,
  section,
  title,
  note,
}: {
  readonly frame: SheetFrame;
  readonly section: Section;
  readonly title: string;
  readonly note?: string;
}) {
  const y = frame.narrow ? section.top - 5 : section.top + 14;
  return (
    <text x={0} y={y} fontSize={13} fontWeight={650} className="fill-ink">
      {title}
      {note && (
        <tspan {...(frame.narrow ? { dx: 8 } : { x: 0, dy: 16 })} fontSize={12} fontWeight={400} className="fill-muted">
          {note}
        </tspan>
      )}
    </text>
  );
}

type MinuteLineProps = {
  readonly x: number;
  readonly className: string;
  readonly dash?: string;
  readonly isThin?: boolean;
};

/** A vertical line from top to bottom of a drawing one unit high, however far that is stretched. */
export const MinuteLine = ({ x, className, dash, isThin = false }: MinuteLineProps) => (
  <line
    x1={x}
    x2={x}
    y1={0}
    y2={1}
    vectorEffect="non-scaling-stroke"
    strokeWidth={isThin ? 1 : 1.5}
    strokeDasharray={dash}
    className={className}
  />
);

type PressableProps = {
  readonly label: string;
  readonly pressed: boolean;
  readonly onPress: () => void;
  /** Keys beyond Enter and Space; answers whether it took one. */
  readonly onKey?: ((event: KeyboardEvent) => boolean) | undefined;
  readonly shortcuts?: string | undefined;
  /** Pressed by a key, the focus goes on into what is edited. */
  readonly opensEditor?: boolean;
  readonly children: ReactNode;
};

/** A part of the drawing that is a button: by mouse, touch, Enter and Space, and by keys of its own. */
export function Pressable({
  label,
  pressed,
  onPress,
  onKey,
  shortcuts,
  opensEditor = false,
  children,
  ...rest
}: PressableProps) {
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === "Enter" || event.key === " ") {
      if (opensEditor && !pressed) openedByKey(event.currentTarget as SVGElement);
      onPress();
    } else if (!onKey?.(event)) return;
    event.preventDefault();
  };
  return (
    <g
      {...rest}
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={pressed}
      data-edited={opensEditor && pressed ? "" : undefined}
      aria-keyshortcuts={shortcuts}
      onClick={onPress}
      onKeyDown={onKeyDown}
    >
      {children}
    </g>
  );
}
