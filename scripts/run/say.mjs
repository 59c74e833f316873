/** A failure whose one line tells a person what to do; anything else is a defect and keeps its stack. */
export class PlainError extends Error {}

/** @param {string} line */
export const say = (line) => console.log(`umiak: ${line}`);

/**
 * One clear line for whatever went wrong.
 * @param {unknown} error
 */
export function explain(error) {
  if (error instanceof PlainError) return error.message;
  const code = /** @type {NodeJS.ErrnoException} */ (error)?.code;
  if (code === "ENOSPC") return "the disk is full: free some space, then run this again. Nothing saved is lost.";
  if (code === "EACCES" || code === "EPERM")
    return `not allowed: ${/** @type {Error} */ (error).message}. Run as the owner of this folder, or mend its rights.`;
  if (code === "EROFS") return "this folder is read-only: copy the project to a folder you may write to.";
  return error instanceof Error ? (error.stack ?? error.message) : String(error);
}
