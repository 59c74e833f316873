import { keyOf, PLACEMENT, SWITCHES, withPlacement, type OutfitCode } from "./outfit-code";
import type { DresserProblem } from "./dresser-problem";

/** Liners and footbeds lie in the boots of the seat: they go where those go, and stay at home without any. */
function followBoots({ kit }: DresserProblem, code: OutfitCode): OutfitCode {
  const boots = kit.findIndex(
    ({ kind }, index) => kind === "footwear" && code[index]! > 0 && code[index] !== PLACEMENT.way,
  );
  const placement = boots < 0 ? PLACEMENT.home : code[boots]!;
  kit.forEach(({ kind }, index) => {
    if (code[index]! > 0 && (kind === "liner" || kind === "footbed")) code[index] = placement;
  });
  return code;
}

/**
 * Outfits one step away: a piece less, a piece more, one for another, one placed otherwise, a switch turned. What cannot
 * be worn with a piece that comes stays at home for it. Not all are valid.
 */
export function neighboursOf(problem: DresserProblem, code: OutfitCode): OutfitCode[] {
  const { kit, placements, rules, hasWay } = problem;
  const found = new Map<string, OutfitCode>();
  const offer = (next: OutfitCode): void => {
    const followed = followBoots(problem, next);
    found.set(keyOf(followed), followed);
  };
  const worn = kit.flatMap((_, index) => (code[index]! > 0 ? [index] : []));
  for (const index of worn) {
    offer(withPlacement(code, [index, PLACEMENT.home]));
    for (const placement of placements[index]!)
      if (placement !== code[index]) offer(withPlacement(code, [index, placement]));
  }
  kit.forEach(({ kind }, index) => {
    if (code[index]! > 0) return;
    for (const placement of placements[index]!) {
      if (placement === PLACEMENT.way) continue;
      const inTheWay = rules.conflictsWith(code, index, placement).map((other) => [other, PLACEMENT.home] as const);
      offer(withPlacement(code, [index, placement], ...inTheWay));
      for (const other of worn) {
        if (kit[other]!.kind === kind)
          offer(withPlacement(code, ...inTheWay, [other, PLACEMENT.home], [index, placement]));
      }
    }
  });
  if (hasWay) {
    for (const next of bootsChanged(problem, code)) offer(next);
    for (let place = kit.length; place < kit.length + SWITCHES; place++)
      offer(withPlacement(code, [place, 1 - code[place]!]));
  }
  found.delete(keyOf(code));
  return [...found.values()];
}

/** Light shoes for the way and these boots carried, or the boots worn all along again. */
function bootsChanged({ kit, placements }: DresserProblem, code: OutfitCode): OutfitCode[] {
  const footwear = kit.flatMap(({ kind }, index) =>
    kind === "footwear" && placements[index]!.length > 0 ? [index] : [],
  );
  const boots = footwear.find((index) => code[index] === PLACEMENT.start || code[index] === PLACEMENT.seat);
  if (boots === undefined) return [];
  const light = footwear.find((index) => code[index] === PLACEMENT.way);
  if (light !== undefined) return [withPlacement(code, [light, PLACEMENT.home], [boots, PLACEMENT.start])];
  return footwear
    .filter((index) => index !== boots && placements[index]!.includes(PLACEMENT.way))
    .map((index) => withPlacement(code, [index, PLACEMENT.way], [boots, PLACEMENT.seat]));
}
