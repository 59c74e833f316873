/** What a standard says, or why it says nothing here. */
export type StandardAnswer<Value> =
  { readonly kind: "applies"; readonly value: Value } | { readonly kind: "notApplicable"; readonly why: string };

export const applies = <Value>(value: Value): StandardAnswer<Value> => ({ kind: "applies", value });
export const notApplicable = (why: string): { readonly kind: "notApplicable"; readonly why: string } => ({
  kind: "notApplicable",
  why,
});
