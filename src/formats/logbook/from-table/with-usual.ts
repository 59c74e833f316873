import type { KitName } from "./sit-table";

/**
 * What a row names, and what is usually worn besides. A named piece takes the place of the usual one it is likest: of its
 * kind and part of the body, the nearest in thickness; so a parka stands in for a parka and not for what is under it.
 */
export function withUsual(named: readonly KitName[], usual: readonly KitName[]): readonly KitName[] {
  const others = usual.filter(({ id }) => !named.some((own) => own.id === id));
  for (const own of named) {
    if (usual.some(({ id }) => id === own.id)) continue;
    const alike = others
      .filter(({ lane, kind }) => lane === own.lane && kind === own.kind)
      .sort(
        (one, other) => Math.abs(one.thicknessMm - own.thicknessMm) - Math.abs(other.thicknessMm - own.thicknessMm),
      );
    if (alike[0]) others.splice(others.indexOf(alike[0]), 1);
  }
  return [...named, ...others];
}
