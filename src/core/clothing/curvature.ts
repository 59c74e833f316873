/** Form of the body under a patch: the curved ones lose more per skin area as clothing grows around them. */
export type PatchForm =
  { readonly shape: "flat" } | { readonly shape: "cylinder" | "sphere"; readonly radiusMm: number };

/**
 * Resistance of a shell of a curved stack, referred to skin area, m²·K/W.
 * @param insulationM2KPerW resistance of the material laid flat
 * @param thicknessMm thickness of the shell, mm; 0 keeps the flat value scaled to where it lies
 * @param innerRadiusMm running radius under the shell, mm
 * @source conduction through a cylinder and a sphere (any heat-transfer text)
 */
export function curvedInsulation(
  form: PatchForm,
  insulationM2KPerW: number,
  thicknessMm: number,
  innerRadiusMm: number,
): number {
  if (form.shape === "flat") return insulationM2KPerW;
  const { radiusMm } = form;
  const outerRadiusMm = innerRadiusMm + thicknessMm;
  if (form.shape === "cylinder") {
    return thicknessMm > 0
      ? insulationM2KPerW * (radiusMm / thicknessMm) * Math.log(outerRadiusMm / innerRadiusMm)
      : (insulationM2KPerW * radiusMm) / innerRadiusMm;
  }
  return (insulationM2KPerW * radiusMm ** 2) / (innerRadiusMm * outerRadiusMm);
}

/** Skin area over outer area of a stack grown to this radius. */
export function skinOverOuterArea(form: PatchForm, outerRadiusMm: number): number {
  if (form.shape === "flat") return 1;
  const ratio = form.radiusMm / outerRadiusMm;
  return form.shape === "cylinder" ? ratio : ratio ** 2;
}
