import { createHash } from "node:crypto";

/** What is kept of a token, a code or an address instead of itself. */
export const hashOf = (text: string): string => createHash("sha256").update(text).digest("hex");
