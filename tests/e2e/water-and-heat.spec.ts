import { expect } from "@playwright/test";
import { listening, minutesOf, openSheet, saved } from "./sheet";
import { test } from "./test";

const CHAR = "Char through the ice";

test("a heated piece gets a schedule; the battery says what is left of it; all of it is kept", async ({ page }) => {
  await openSheet(page, CHAR);
  await page.getByRole("button", { name: "Add clothes" }).click();
  const dialog = page.getByRole("dialog");
  await dialog
    .getByRole("button", { name: /Rechargeable hand warmers/ })
    .first()
    .click();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Hands: Rechargeable hand warmers/ }).click();
  const editor = page.getByRole("region", { name: "Editor" });
  await editor.getByRole("button", { name: "Switch it on" }).click();
  const budget = editor.getByText(/^The battery keeps \d+ %/);
  const low = await budget.textContent();
  await editor.getByLabel("Level").selectOption("3");
  await expect(budget).not.toHaveText(low!);
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await listening(page);
  await page.getByRole("button", { name: /^Hands: Rechargeable hand warmers/ }).click();
  await expect(page.getByRole("region", { name: "Editor" }).getByLabel("Level")).toHaveValue("3");
});

test("a pack opened later warms less", async ({ page }) => {
  await openSheet(page, CHAR);
  const before = await minutesOf(page);
  await page.getByRole("button", { name: /^Feet: Toe packs/ }).click();
  const opened = page.getByLabel("Opened at");
  const [hours = 0, minutes = 0] = (await opened.inputValue()).split(":").map(Number);
  await opened.fill(`${String(hours + 3).padStart(2, "0")}:${String(minutes).padStart(2, "0")}`);
  await expect.poll(() => minutesOf(page)).toBeLessThan(before);
});

test("what goes wrong is told in figures: longer, colder, and into the water with and without a dry set", async ({
  page,
}) => {
  await openSheet(page, CHAR);
  await page.getByText("When it goes wrong").click();
  await expect(page.getByText(/^3 h longer: short by \d/)).toBeVisible();
  await page.getByLabel("Lasts longer by").fill("1");
  await page.getByLabel("Lasts longer by").press("Tab");
  await expect(page.getByText(/^1 h longer: short by \d/)).toBeVisible();
  await expect(page.getByText(/^In what is worn: fingers numb/)).toBeVisible();
  await expect(page.getByText(/W·h\/m² of heat gone/).first()).toBeVisible();
  await expect(page.getByText("Cold shock, swimming and getting out are not", { exact: false })).toBeVisible();
});

test("spray, wet hands and a toilet stop are said of a phase; the water is drawn and stands in the table", async ({
  page,
}) => {
  await openSheet(page, "Sea-bird count");
  const curves = page.getByRole("group", { name: "Curves" });
  const hands = curves.locator("path[stroke-dasharray='2 3'].stroke-sea");
  const before = await hands.getAttribute("d");
  await page.getByRole("button", { name: /^Phase 3, sit/ }).click();
  await page.getByRole("button", { name: "Add a toilet stop" }).click();
  await expect(page.getByText(/^Toilet stop 5 min, once after/)).toBeVisible();
  await page.getByLabel("spray").check();
  await page.getByLabel("hands in water").check();
  await expect(hands).not.toHaveAttribute("d", before!);
  await page.getByRole("button", { name: "All minutes as a table" }).click();
  await expect(page.getByRole("columnheader", { name: "water, trunk, g/m²" })).toBeVisible();
});

test("skin on metal, glass and batteries follow the minute and what is typed", async ({ page }) => {
  await openSheet(page, CHAR);
  await page.getByText("Skin on metal, glass, batteries").click();
  await expect(page.getByText(/^aluminium: meets it at .* (freezing after|does not freeze)/)).toBeVisible();
  await expect(page.getByText(/^foam: .* does not freeze by touch alone/)).toBeVisible();
  const told = page.getByRole("status").filter({ hasText: "Change the battery after" });
  const before = await told.textContent();
  await page.getByLabel("Draws").fill("12");
  await page.getByLabel("Draws").press("Tab");
  await expect(told).not.toHaveText(before!);
});

test("the method page tells equations, assumptions and beliefs with figures that move", async ({ page }) => {
  await page.goto("/method/document");
  await expect(page.getByRole("heading", { name: "12. Water" })).toBeVisible();
  await page.goto("/method");
  await listening(page);
  const grams = page.getByRole("region", { name: "Grams compare and add up" });
  const before = await grams.getByText(/^a boot's batting/).textContent();
  await grams.getByLabel("Printed").fill("800");
  await grams.getByLabel("Printed").press("Tab");
  await expect(grams.getByText(/^a boot's batting/)).not.toHaveText(before!);
  await expect(
    page.getByRole("region", { name: "Most heat leaves through the head" }).getByText(/% bare/),
  ).toBeVisible();
});

test("wet socks in the same boots last shorter on the bench, and take hours to dry", async ({ page }) => {
  await page.goto("/footwear");
  const first = page.getByTestId("toes-last").first();
  await expect(first).toHaveText(/\d/);
  const dry = await first.textContent();
  await page.getByLabel("What is tried is").selectOption("1");
  await expect(first).not.toHaveText(dry!);
  await expect(page.getByRole("row", { name: /^Dry again in a room .* h pulled apart/ })).toBeVisible();
});
