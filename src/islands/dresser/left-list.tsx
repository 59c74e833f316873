import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import type { DresserPiece } from "@/core/dresser";
import { leftWords } from "@/formats/display/words/dresser-words";
import { $left } from "@/stores/dresser/dresser";

/** What stays at home, and what each would add: what adds most first. */
export function LeftList({ kit }: { readonly kit: readonly DresserPiece[] }) {
  const left = useStore($left);
  const names = new Map(kit.map(({ id, name }) => [id, name]));
  const nameOf = (id: string): string => names.get(id) ?? "";
  if (left === null) return <p role="status">{m.computingLeft}</p>;
  if (left.length === 0) return null;
  return (
    <details open data-testid="left-at-home">
      <summary className="cursor-pointer font-semibold">{m.leftAtHomeTitle}</summary>
      <ul className="pt-1 text-sm">
        {left.map((own) => (
          <li key={own.pieceId} className="border-line border-b py-1">
            {nameOf(own.pieceId)} <span className="text-muted">{leftWords(own, nameOf)}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
