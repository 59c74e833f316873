import { useState } from "react";
import { $chosenPiece, addPieces, type FreshPiece } from "@/stores/kit-page";

/** Adding pieces, with what went wrong; one alone opens beside, to be corrected. */
export function useAdding(onDone: () => void) {
  const [problem, setProblem] = useState<string | null>(null);
  /** @returns whether they are in the kit */
  const add = async (
    pieces: readonly FreshPiece[],
    then?: (ids: readonly string[]) => Promise<void>,
    isLast = true,
  ): Promise<boolean> => {
    try {
      setProblem(null);
      const ids = await addPieces(pieces);
      await then?.(ids);
      if (!isLast) return true;
      if (ids.length === 1) $chosenPiece.set(ids[0]!);
      onDone();
      return true;
    } catch (error) {
      setProblem((error as Error).message);
      return false;
    }
  };
  return { add, problem };
}
