import { randomUUID } from "node:crypto";
import { expect, type Locator, type Page } from "@playwright/test";
import { contentOf, type KitView } from "@/formats/wire/kit/kit-view";
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

/** Copies a piece of the kit that is open, so that no test sees what another did to it. @returns the copy's name */
export async function ownCopy(page: Page, name: string): Promise<string> {
  const address = `/api/people/${new URL(page.url()).searchParams.get("person")}/pieces`;
  const { pieces } = (await (await page.request.get(address)).json()) as KitView;
  const id = randomUUID();
  const copy = { ...contentOf(pieces.find((piece) => piece.name === name)!), id, name: `${id.slice(0, 8)}, ${name}` };
  expect((await page.request.post(address, { data: { pieces: [copy] } })).status()).toBe(201);
  await page.reload();
  await listening(page);
  return copy.name;
}
