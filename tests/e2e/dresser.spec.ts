import { violations } from "./accessibility";
import { expect, type Page } from "@playwright/test";
import { listening, minutesStill, openSheet, saved } from "./sheet";
import { test } from "./test";

const found = (page: Page) => page.getByText(/outfits were simulated/);

/** Opens what to wear for the sheet on screen, and waits until it listens. */
async function openDresser(page: Page): Promise<void> {
  await page.getByRole("link", { name: "Dress me" }).first().click();
  await expect(page.getByRole("heading", { level: 1, name: /^What to wear for/ })).toBeVisible();
  await listening(page);
}

test("one press finds outfits; the one looked at is worn on the sheet by keyboard, and one undo takes it off", async ({
  page,
}) => {
  const errors: string[] = [];
  page.on("console", (message) => message.type() === "error" && errors.push(message.text()));
  await openSheet(page);
  const bars = page.getByRole("button", { name: /, Trunk|^Trunk/ });
  const before = await bars.allTextContents();
  await openDresser(page);
  await page.getByRole("button", { name: "Dress me" }).press("Enter");
  await expect(found(page)).toBeVisible();
  const front = page.getByRole("slider", { name: "Minutes still over what is carried" });
  await front.focus();
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("ArrowRight");
  await expect(front).toHaveAttribute("aria-valuetext", /Lightest that does it|Warmest/);
  await expect(page.getByTestId("outfit")).toContainText("Wear from the start");
  await expect(page.getByTestId("left-at-home").getByRole("listitem").first()).toBeVisible();
  expect(await violations(page)).toEqual([]);
  // By mouse: points may lie close, the nearest to where one presses is meant.
  const box = (await front.boundingBox())!;
  await page.mouse.click(box.x + box.width - 20, box.y + 20);
  await expect(front).toHaveAttribute("aria-valuetext", /Warmest/);
  await page.getByText("In figures").press("Enter");
  await expect(page.getByRole("table")).toContainText("kg");
  await page.getByRole("button", { name: "Wear this on the sheet" }).press("Enter");
  await expect(minutesStill(page)).toBeVisible();
  await listening(page);
  const undo = page.getByRole("button", { name: /^Undo wear what the dresser found/ });
  await expect(undo).toBeVisible();
  // What was found stands on the sheet: pointed at, its curves are a ghost beside those of what is worn.
  await page.getByTestId("found-outfits").getByRole("button").first().focus();
  await expect(page.getByTestId("ghost").first()).toBeVisible();
  await undo.press("Enter");
  await expect(saved(page)).toBeVisible();
  expect(await bars.allTextContents()).toEqual(before);
  expect(errors).toEqual([]);
});

test("it is stopped with what is known by then; wishes that nothing fits say so, a kit that cannot says what would do", async ({
  page,
}) => {
  await openSheet(page);
  await openDresser(page);
  await page.getByRole("combobox", { name: "How long to sit" }).selectOption("other");
  await page.getByLabel("Hours still").fill("15");
  await page.getByLabel("Hours still").blur();
  await page.getByRole("button", { name: "Dress me" }).click();
  await page.getByRole("button", { name: "That is enough" }).click();
  await expect(found(page)).toBeVisible();
  await expect(page.getByTestId("cannot")).toContainText("This kit does not do it");
  await expect(page.getByTestId("cannot").getByRole("listitem").first()).toContainText("+");
  await page.getByText("More wishes").click();
  await page.getByRole("checkbox", { name: /^Carry at most/ }).check();
  await page.getByRole("spinbutton", { name: /^Carry at most/ }).fill("0.5");
  await page.getByRole("spinbutton", { name: /^Carry at most/ }).blur();
  await page.getByRole("button", { name: "Dress me again" }).click();
  await expect(page.getByText(/No outfit of this kit fits your wishes/)).toBeVisible();
});

test("an outfit found is kept by name, on a phone too", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSheet(page);
  await page.goto(`${new URL(page.url()).pathname}/dress`);
  await listening(page);
  await page.getByRole("button", { name: "Dress me" }).click();
  await expect(found(page)).toBeVisible();
  await page.getByRole("button", { name: "Keep it under a name" }).click();
  await page.getByRole("textbox", { name: "Name of the outfit" }).fill("frost mornings");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("Kept as frost mornings.")).toBeVisible();
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
});

test("who comes along with nothing borrows, gets the rest and wears it, by keyboard alone", async ({ page }) => {
  await openSheet(page);
  await page.getByRole("button", { name: "Add a sitter" }).press("Enter");
  await page.getByRole("combobox", { name: "Who goes along" }).selectOption("new");
  await page.getByRole("textbox", { name: "Name", exact: true }).fill("Alma");
  await page.getByRole("button", { name: "Add and open their sheet" }).press("Enter");
  await expect(page.getByText("Alma").first()).toBeVisible();
  await openDresser(page);
  await page.getByRole("checkbox", { name: /^Also what others leave at home/ }).press("Space");
  await page.getByRole("button", { name: "Let generic pieces in" }).press("Enter");
  await page.getByRole("button", { name: "Dress me" }).press("Enter");
  await expect(found(page)).toBeVisible();
  await expect(page.getByTestId("outfit")).toContainText("not owned");
  await expect(page.getByTestId("left-at-home")).toContainText("lent by Runa");
  await expect(page.getByTestId("other-ways")).toContainText(/adds|costs/);
  await page.getByRole("button", { name: "Wear this on the sheet" }).press("Enter");
  await expect(minutesStill(page)).toBeVisible();
  await listening(page);
  await expect(page.getByRole("button", { name: /^Undo wear what the dresser found/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /, Feet|^Feet/ }).first()).toBeVisible();
});
