import type { ErrorBody } from "@/formats/wire/outing-view";

/** Asks the server. @throws {Error} with a message to show */
export async function ask<Answer>(url: string, method = "GET", body?: unknown): Promise<Answer> {
  const response = await fetch(url, {
    method,
    ...(body !== undefined && { headers: { "content-type": "application/json" }, body: JSON.stringify(body) }),
  }).catch(() => null);
  if (!response) throw new Error("The server cannot be reached. Nothing was changed; try again.");
  if (response.ok) return (await response.json()) as Answer;
  const { error } = (await response.json()) as ErrorBody;
  throw new Error([error.message, ...(error.problems ?? []).map(({ path, reason }) => `${path} ${reason}.`)].join(" "));
}
