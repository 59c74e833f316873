import { atom } from "nanostores";
import type { DresserPiece } from "@/core/dresser";
import type { Label } from "@/core/labels";
import type { CandidateLabel } from "@/formats/wire/kit/dresser-kit";

/** What is said otherwise of a piece that could be bought than of generic ones. */
export type CandidateSaid = {
  readonly name?: string;
  readonly massG?: number;
  readonly priceMinor?: number;
  readonly label?: Label;
};

/** By the name of the generic piece. */
export const $candidatesSaid = atom<ReadonlyMap<string, CandidateSaid>>(new Map());

export function sayOfCandidate(genericName: string, part: CandidateSaid): void {
  const said = $candidatesSaid.get();
  $candidatesSaid.set(new Map(said).set(genericName, { ...said.get(genericName), ...part }));
}

/** Labels that were said, by the place of their piece among all that could be bought. */
export const labelsSaid = (candidates: readonly Pick<DresserPiece, "name">[]): CandidateLabel[] =>
  candidates.flatMap(({ name }, place) => {
    const label = $candidatesSaid.get().get(name)?.label;
    return label ? [{ place, label }] : [];
  });
