import type { NewOutingBody } from "@/formats/wire/new-outing";
import type { ErrorBody } from "@/formats/wire/outing-view";

/**
 * Makes an outing and goes to it.
 * @throws {Error} with a message to show
 */
export async function makeOuting(wanted: NewOutingBody): Promise<void> {
  const response = await fetch("/api/outings", {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(wanted),
  }).catch(() => null);
  if (!response) throw new Error("The server cannot be reached. Nothing was made; try again.");
  if (!response.ok) {
    const { error } = (await response.json()) as ErrorBody;
    throw new Error(
      [error.message, ...(error.problems ?? []).map(({ path, reason }) => `${path} ${reason}`)].join(" "),
    );
  }
  window.location.assign(`/outings/${wanted.id}`);
}
