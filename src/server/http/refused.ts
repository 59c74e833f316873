import { APP_ERRORS } from "../app-error";
import { toAppError } from "./respond";

/** What a page shows instead of what it was asked for. */
export type Refused = { readonly kind: "refused"; readonly status: number; readonly message: string };

/** An error as a page shows it; what is no refusal is thrown on. */
export function refused(error: unknown): Refused {
  const known = toAppError(error);
  if (!known) throw error;
  return { kind: "refused", status: APP_ERRORS[known.code], message: known.message };
}
