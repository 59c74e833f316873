import * as m from "@/messages";
import type { ErrorBody } from "@/formats/wire/outing/outing-view";

const LOOK = m.whatYouDidMayNotHave;
const NOT_READ = m.theServerCannotBeReachedTry;
/** An answer may be lost on its way back as well as a request on its way there. */
const NOT_KNOWN = m.theServerCannotBeReached({ look: LOOK });

/** Asks the server. @param body a picture as it is, anything else as JSON @throws {Error} with a message to show */
export async function ask<Answer>(url: string, method = "GET", body?: unknown): Promise<Answer> {
  const response = await fetch(url, {
    method,
    // Said of every write: one that does not say it is taken for a form, which may come from another site.
    ...(method !== "GET" && { headers: { "content-type": body instanceof Blob ? body.type : "application/json" } }),
    ...(body !== undefined && { body: body instanceof Blob ? body : JSON.stringify(body) }),
  }).catch(() => null);
  if (!response) throw new Error(method === "GET" ? NOT_READ : NOT_KNOWN);
  if (response.ok) return (await response.json()) as Answer;
  const answer = (await response.json().catch(() => null)) as ErrorBody | null;
  if (!answer) throw new Error(m.theServerAnsweredTitle({ status: response.status, look: LOOK }));
  const { error } = answer;
  throw new Error([error.message, ...(error.problems ?? []).map(({ path, reason }) => `${path} ${reason}.`)].join(" "));
}
