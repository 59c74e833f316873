import * as m from "@/messages";
import type { ReactNode } from "react";
import type { PackLine as Line } from "@/core/evening";
import { quantityText } from "@/formats/display/quantities";
import { packLineWords } from "@/formats/display/words/pack-words";

type Props = {
  readonly line: Line;
  readonly isPacked: boolean;
  readonly onTick: (isPacked: boolean) => void;
  /** What else is said of it. */
  readonly note?: string;
  /** What can be done with it. */
  readonly children?: ReactNode;
};

/** A line of a packing list with its tick. */
export function PackLine({ line, isPacked, onTick, note, children }: Props) {
  const { what, isCareDue } = line;
  const mass =
    what.kind === "piece" && what.piece.massG !== undefined ? quantityText("smallMass", what.piece.massG) : "";
  return (
    <li className="border-line flex items-start gap-3 border-b py-1">
      <label className="flex min-h-9 grow cursor-pointer items-center gap-3">
        <input
          type="checkbox"
          className="size-6 shrink-0"
          checked={isPacked}
          onChange={(event) => onTick(event.target.checked)}
        />
        <span className={isPacked ? "text-muted line-through" : undefined}>
          {what.kind === "missing" && <strong className="text-rust-text">{m.missing} </strong>}
          {packLineWords(line)}
          {isCareDue && <span className="text-rust-text"> {m.dueForCareSeeTheKit}</span>}
          {note && <span className="text-muted"> {note}</span>}
        </span>
      </label>
      <span className="text-muted shrink-0 self-center text-sm">{mass}</span>
      {children}
    </li>
  );
}
