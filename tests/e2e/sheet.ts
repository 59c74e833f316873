import type { Locator, Page } from "@playwright/test";
import { expect } from "@playwright/test";

export const LEK = "Grouse lek before dawn";

/** Opens an outing from the list and waits until the page has computed it. */
export async function openSheet(page: Page, name = LEK): Promise<void> {
  await page.goto("/");
  await page.getByRole("link", { name: new RegExp(name) }).click();
  await expect(page.getByTestId("minutes-still")).toBeVisible();
}

export const minutesStill = (page: Page): Locator => page.getByTestId("minutes-still");
export const saved = (page: Page): Locator => page.getByRole("status").filter({ hasText: /^saved$/ });

/** A verdict's headline in minutes. */
export async function minutesOf(page: Page): Promise<number> {
  const text = (await minutesStill(page).textContent()) ?? "";
  const [, hours = "0", minutes = "0"] = /(?:(\d+) h )?(\d+)/.exec(text) ?? [];
  return Number(hours) * 60 + Number(minutes);
}
