import { expect, type Locator, type Page } from "@playwright/test";
import { listening } from "./sheet";

export const piecesList = (page: Page): Locator => page.getByRole("region", { name: "Pieces" });
export const pieceRegion = (page: Page): Locator => page.getByRole("region", { name: "Piece", exact: true });

/** Opens a person's kit and waits until it listens. */
export async function openKit(page: Page, person = "Runa"): Promise<void> {
  await page.goto("/kit");
  await page.getByRole("navigation", { name: "Whose kit" }).getByRole("link", { name: person }).click();
  await expect(page.getByRole("heading", { name: `Kit of ${person}` })).toBeVisible();
  await listening(page);
}

/** How many pieces are listed, on all pages; not a number while some are selected. */
export const listedCount = async (page: Page): Promise<number> =>
  Number(/^(\d+) listed/.exec(await page.getByText(/^\d+ (listed|selected)/).innerText())?.[1] ?? NaN);
