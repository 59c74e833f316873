import { randomUUID } from "node:crypto";
import type { Locator, Page } from "@playwright/test";
import { expect } from "@playwright/test";

export const LEK = "Grouse lek before dawn";

/** Opens a fresh copy of a demo outing, so that no test sees what another did, and waits until it is computed. */
export async function openSheet(page: Page, name = LEK): Promise<void> {
  const outings = (await (await page.request.get("/api/outings")).json()) as { id: string; name: string }[];
  const id = randomUUID();
  const copyOf = outings.find((outing) => outing.name === name)!.id;
  const made = await page.request.post("/api/outings", { data: { from: "outing", id, copyOf, name: `${name} ${id}` } });
  expect(made.status()).toBe(201);
  await openAt(page, `/outings/${id}`);
}

/** Opens an outing and waits until the page has computed it. */
export async function openAt(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await expect(page.getByTestId("minutes-still")).toBeVisible();
}

/**
 * Every island listens: what is pressed or typed before is lost. An island is begun before its controls are alive, and
 * what is disabled takes no focus.
 */
export const listening = async (page: Page): Promise<void> =>
  void (await page.waitForFunction(() => !document.querySelector("astro-island[ssr], fieldset[role=none]:disabled")));

/** No figure of the page is still being recomputed: a page that says so shows itself again once they stand. */
export const settled = (page: Page): Promise<void> =>
  expect(page.getByTestId("recomputing")).toHaveCount(0, { timeout: 60_000 });

export const minutesField = (page: Page): Locator => page.getByLabel("Minutes", { exact: true });

export const minutesStill = (page: Page): Locator => page.getByTestId("minutes-still");
export const saved = (page: Page): Locator => page.getByRole("status").filter({ hasText: /^saved$/ });

/** A verdict's headline in minutes, once its range is known: until then it is estimated and says so. */
export async function minutesOf(page: Page): Promise<number> {
  await expect(minutesStill(page)).not.toContainText("≈");
  const text = (await minutesStill(page).textContent()) ?? "";
  const [, hours = "0", minutes = "0"] = /(?:(\d+) [ht] )?(\d+)/.exec(text) ?? [];
  return Number(hours) * 60 + Number(minutes);
}

/** Forgets an outing's note, if there is one: the figures of other tests are those of nobody in particular. */
export async function forgetNote(page: Page, id: string): Promise<void> {
  // Without a body of its own kind the request counts as another site's.
  const response = await page.request.delete(`/api/outings/${id}/note`, {
    headers: { "content-type": "application/json" },
  });
  expect([200, 404]).toContain(response.status());
}
