/** One thing wrong with a file: where, and what to do about it. */
export type FileProblem = { readonly path: string; readonly reason: string };
