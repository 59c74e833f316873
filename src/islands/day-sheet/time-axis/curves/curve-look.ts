/** A second cue beside colour: each curve has a dash of its own. */
export type CurveLook = { readonly className: string; readonly dash?: string; readonly name: string };
