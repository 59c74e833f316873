import { randomBytes } from "node:crypto";

// Of secret addresses: so long that nobody guesses one. What is kept of it is its hash (`hash-of.ts`).

const BYTES = 24;
const TOKEN = /^[\w-]{32}$/;

export const newToken = (): string => randomBytes(BYTES).toString("base64url");

/** Whether a text could be one: others are not looked for. */
export const couldBeToken = (text: string): boolean => TOKEN.test(text);
