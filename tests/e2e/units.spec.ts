import { expect, type Page } from "@playwright/test";
import { STARTER_PIECES } from "@/core/starter-kit";
import type { KitView } from "@/formats/wire/kit/kit-view";
import { openKit } from "./kit";
import { listening, minutesStill, openSheet } from "./sheet";
import { test } from "./test";

// Every number of every page in the units chosen: nothing of the other system is left anywhere. Names of pieces are people's
// own words and stay as they are.

const METRIC = /\d\s?(?:°C|m\/s|km\/h|km|kg|g|mm|cm|g\/m²)(?![\w²/])/g;
const CUSTOMARY = /\d\s?(?:°F|mph|lb|oz|mi|ft|oz\/yd²)(?![\w²/])/g;

async function namesOfPieces(page: Page): Promise<string[]> {
  const people = (await (await page.request.get("/api/people")).json()) as { id: string }[];
  const kits = await Promise.all(
    people.map(async ({ id }) => (await (await page.request.get(`/api/people/${id}/pieces`)).json()) as KitView),
  );
  const generic = Object.values(STARTER_PIECES).map(({ name }) => name);
  const names = [...generic, ...kits.flatMap(({ pieces }) => pieces.map(({ name }) => name))];
  return [...new Set(names)].sort((one, other) => other.length - one.length);
}

/** What is written on a page, with what fields hold and what is only read aloud. */
const writtenOn = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const labels = [...document.querySelectorAll("[aria-label], [title]")].flatMap((element) => [
      element.getAttribute("aria-label") ?? "",
      element.getAttribute("title") ?? "",
    ]);
    return [document.body.innerText, ...labels].join("\n");
  });

async function strays(page: Page, pattern: RegExp, names: readonly string[]): Promise<string[]> {
  let text = await writtenOn(page);
  for (const name of names) text = text.replaceAll(name, "");
  text = text.replace(/Source: .*/g, ""); // cited as it was printed
  return [...text.matchAll(pattern)].map((found) => text.slice(Math.max(0, found.index - 40), found.index + 20));
}

async function expectNoStrays(page: Page, pattern: RegExp): Promise<void> {
  await openSheet(page);
  const sheet = new URL(page.url()).pathname;
  const names = await namesOfPieces(page);
  const look = async (what: string): Promise<void> => expect.soft(await strays(page, pattern, names), what).toEqual([]);
  await expect(minutesStill(page)).not.toContainText("≈");
  await look("sheet");
  for (const bar of ["Phase 1, walk in", "Hour", "Feet"] as const) {
    await page
      .getByRole("button", { name: new RegExp(`^${bar}`) })
      .first()
      .press("Enter");
    await expect(page.getByRole("region", { name: "Editor" })).toBeVisible();
    await look(`editor of ${bar}`);
  }
  await page.getByRole("button", { name: "Weather", exact: true }).click();
  await expect(page.getByRole("dialog", { name: "Weather" })).toBeVisible();
  await look("weather");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Why this number" }).click();
  await expect(page.getByRole("heading", { name: /Why/ }).first()).toBeVisible();
  await look("why");
  for (const path of [
    `${sheet}/pack`,
    `${sheet}/dress`,
    `${sheet}/card`,
    "/",
    "/people",
    "/places",
    "/outings/new",
    "/compare",
    "/backup",
  ]) {
    await page.goto(path);
    await listening(page);
    await look(path);
  }
  await openKit(page);
  await look("kit");
  await page
    .getByRole("region", { name: "Pieces" })
    .getByRole("button", { name: /^Down parka/ })
    .first()
    .click();
  await expect(page.getByRole("region", { name: "What the label comes to" })).toBeVisible();
  await look("piece");
  for (const path of ["/footwear", "/handwear"]) {
    await page.goto(path);
    await expect(page.getByTestId("columns")).toHaveAttribute("aria-busy", "false");
    await look(path);
  }
}

test.describe("in °F, pounds and feet", () => {
  test.use({ locale: "en-US" });
  test("no metric unit is left on any page", ({ page }) => expectNoStrays(page, METRIC));
});

test("in metric units nothing customary is left on any page", ({ page }) => expectNoStrays(page, CUSTOMARY));
