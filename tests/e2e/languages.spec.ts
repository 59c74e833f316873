import { violations } from "./accessibility";
import { expect, type Page } from "@playwright/test";
import { readCatalogue } from "../../scripts/messages/catalogue.mjs";
import { listening, minutesStill, openSheet, settled } from "./sheet";
import { test } from "./test";

// In the second language nothing of the first is left, on any page and in what is opened there. Names of pieces, places
// and people are somebody's own words; those of the demonstration are English.

const ENGLISH = readCatalogue("en");
const NORWEGIAN = readCatalogue("nb");

/** English messages that say no figure, and would be said otherwise in Norwegian. */
function tellTales(own: ReadonlySet<string>): ReadonlySet<string> {
  const alike = new Set(NORWEGIAN.values());
  const texts = [...ENGLISH.values()].filter((text) => !text.includes("{") && /[a-z]{2}/i.test(text));
  return new Set(texts.map((text) => text.trim()).filter((text) => !alike.has(text) && !own.has(text)));
}

/** All that is written or read aloud on the page, piece by piece. */
const saidOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found: string[] = [document.title];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const { parentElement, textContent } = walker.currentNode;
      if (!parentElement?.closest("script, style")) found.push(textContent?.trim() ?? "");
    }
    for (const name of ["aria-label", "title", "placeholder", "aria-description", "alt"]) {
      for (const element of document.querySelectorAll(`[${name}]`)) found.push(element.getAttribute(name) ?? "");
    }
    return found;
  });

async function namesOf(page: Page): Promise<ReadonlySet<string>> {
  const found = page.evaluate(() => fetch("/api/findable").then((response) => response.json()));
  const { pieces } = (await found) as { pieces: { name: string }[] };
  return new Set(pieces.map(({ name }) => name));
}

test.use({ locale: "nb-NO" });

test("no English is left on any page, nor in what is opened on them", async ({ page }) => {
  await openSheet(page);
  const sheet = new URL(page.url()).pathname;
  const english = tellTales(await namesOf(page));
  const look = async (what: string): Promise<void> => {
    const left = (await saidOn(page)).filter((text) => english.has(text));
    expect.soft([...new Set(left)], what).toEqual([]);
  };
  await expect(page.locator("html")).toHaveAttribute("lang", "nb");
  await expect(minutesStill(page)).not.toContainText("≈");
  await look("sheet");
  for (const bar of ["Fase 1", "Time", "Føtter"]) {
    await page
      .getByRole("button", { name: new RegExp(`^${bar}`) })
      .first()
      .press("Enter");
    await expect(page.getByRole("region", { name: "Redigering" })).toBeVisible();
    await look(`editor of ${bar}`);
  }
  for (const opened of ["Vær", "Legg til klær", "Sted", "Hjelp", "Navn, dag, hvem og hvor", "Hvorfor dette tallet"]) {
    await page.getByRole("button", { name: opened, exact: true }).click();
    const dialog = page.locator("dialog[open]");
    if (opened !== "Sted") await expect(dialog).toBeVisible();
    await look(opened);
    await page.keyboard.press("Escape");
    await expect(dialog).toHaveCount(0);
  }
  const paths = ["/", "/people", "/places", "/kit", "/outings/new", "/compare", "/backup", "/preferences", "/glossary"];
  for (const path of [
    ...paths,
    "/footwear",
    "/handwear",
    "/reach",
    "/season",
    "/logbook",
    "/method",
    `${sheet}/pack`,
    `${sheet}/dress`,
    `${sheet}/card`,
    `${sheet}/after`,
    `${sheet}/live`,
    "/nowhere",
  ]) {
    await page.goto(path);
    await listening(page);
    await settled(page);
    for (const closed of await page.locator("main details:not([open]) > summary").all()) await closed.click();
    await look(path);
  }
  expect(await violations(page)).toEqual([]);
});

test("errors, exported calendar and card speak it; figures are written its way", async ({ page }) => {
  await openSheet(page);
  const id = new URL(page.url()).pathname.split("/").at(-1)!;
  const headers = { "accept-language": "nb-NO,nb;q=0.9" };
  const missing = await page.request.get("/api/nothing", { headers });
  expect(((await missing.json()) as { error: { message: string } }).error.message).toBe(
    NORWEGIAN.get("thereIsNoSuchEndpoint"),
  );
  expect(await (await page.request.get(`/api/outings/${id}/calendar`, { headers })).text()).toContain(
    NORWEGIAN.get("turnBack"),
  );
  const card = await (await page.request.get(`/api/outings/${id}/card`, { headers })).text();
  expect(card).toContain('<html lang="nb">');
  expect(card).toContain(NORWEGIAN.get("signsToWatch"));
  await page.goto("/kit");
  await listening(page);
  await page.locator("table tbody").getByRole("button").first().click();
  const reading = page.getByRole("region", { name: NORWEGIAN.get("whatTheLabelComesTo")! });
  await expect(reading.getByRole("cell").first()).toHaveText(/^\d,\d\d ± \d,\d\d$/);
});

test("it is chosen under Preferences, whatever the browser asks for, and given back to the browser", async ({
  page,
}) => {
  await page.goto("/preferences");
  await listening(page);
  await page.getByRole("combobox", { name: "Språk" }).selectOption("English");
  await expect(page.getByRole("heading", { name: "Preferences" })).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("lang", "en");
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Outings" })).toBeVisible();
  await page.goto("/preferences");
  await listening(page);
  await expect(page.getByRole("combobox", { name: "Language" })).toHaveValue("en");
  await page.getByRole("combobox", { name: "Language" }).selectOption("as the browser asks");
  await expect(page.getByRole("heading", { name: "Innstillinger" })).toBeVisible();
});
