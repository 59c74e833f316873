import { expect } from "@playwright/test";
import { listening, LEK, minutesField, minutesOf, minutesStill, openAt, openSheet, saved } from "./sheet";
import { test } from "./test";

test("from the list to an outing, with its verdict, limit, runner-up and curves", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Outings" })).toBeVisible();
  expect(await page.getByRole("listitem").count()).toBeGreaterThanOrEqual(3);
  await page
    .getByRole("link", { name: new RegExp(`^${LEK} (?!.*-.*-)`) })
    .first()
    .click();
  const verdict = page.getByRole("region", { name: "Verdict" });
  await expect(verdict).toContainText(/(toes|fingers) end it in \d+ of 64 cases/);
  await expect(verdict).toContainText(/ISO 11079 would end it at \d\d:\d\d/);
  await expect(verdict).toContainText(/next: .*(toes|fingers) at \d\d:\d\d/);
  await expect(verdict).toContainText(/comfort .* · cold .* · hard /);
  await expect(verdict).toContainText(/range .* – .*\d/);
  await expect(page.getByTitle("People, place, kit and weather are made up")).toBeVisible();
  await expect(page.getByRole("region", { name: "Cautions" })).toContainText("estimate");
});

test("an hour's temperature and wind move the answer at once, are saved and survive a reload", async ({ page }) => {
  await openSheet(page);
  const before = await minutesOf(page);
  await page.getByRole("button", { name: /^Hour 06:00/ }).click();
  await page.getByLabel("Air temperature").fill("-30");
  await expect.poll(() => minutesOf(page)).toBeLessThan(before);
  const colder = await minutesOf(page);
  await page.getByRole("spinbutton", { name: "Wind at 10 m" }).fill("14");
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await listening(page);
  await expect.poll(() => minutesOf(page)).toBeLessThanOrEqual(colder);
  await page.getByRole("button", { name: /^Hour 06:00: −30 °C, wind 14 m\/s/ }).click();
  await expect(page.getByLabel("Air temperature")).toHaveValue("-30");
});

test("a phase's minutes and posture", async ({ page }) => {
  await openSheet(page);
  await page.getByRole("button", { name: /^Phase 1, walk in/ }).click();
  await minutesField(page).fill("70");
  await expect(page.getByRole("button", { name: /^Phase 1, walk in: 1 h 10/ })).toBeVisible();
  await page.getByRole("button", { name: /^Phase 3, sit/ }).click();
  await page.getByRole("combobox", { name: "Posture" }).selectOption("standing");
  await expect(page.getByRole("button", { name: /^Phase 3, sit: .* standing/ })).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(page.getByRole("button", { name: /^Phase 3, sit: .* standing/ })).toBeVisible();
});

test("swapping a piece moves the answer and is kept", async ({ page }) => {
  await openSheet(page, "Char through the ice");
  const before = await minutesStill(page).textContent();
  await page.getByRole("button", { name: /^Feet: Pac boot/ }).click();
  await expect(page.getByText("The label reads as")).toBeVisible();
  await page.getByLabel("Swap for").selectOption({ label: "Knee boot, foam 5 mm (1900 g)" });
  await expect(page.getByRole("button", { name: /^Feet: Knee boot/ })).toBeVisible();
  await expect(minutesStill(page)).not.toHaveText(before!);
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(page.getByRole("button", { name: /^Feet: Knee boot/ })).toBeVisible();
});

test("bad input keeps the text, says what to do and changes nothing", async ({ page }) => {
  await openSheet(page, "Char through the ice");
  await expect(minutesStill(page)).not.toContainText("≈"); // an estimate would still become the figure
  const before = await minutesStill(page).textContent();
  await page.getByRole("button", { name: /^Hour 09:00/ }).click();
  await page.getByLabel("Air temperature").fill("-300");
  await expect(page.getByRole("alert")).toContainText("Give a number from -60 to 40 °C");
  await expect(page.getByLabel("Air temperature")).toHaveValue("-300");
  await expect(minutesStill(page)).toHaveText(before!);
});

test("units are switched everywhere and remembered; what was typed is shown as typed", async ({ page }) => {
  await openSheet(page, "Char through the ice");
  await page.getByLabel("Temperature in").selectOption("F");
  await page.getByLabel("Wind in").selectOption("mph");
  await page.getByRole("button", { name: /^Hour 10:00: .* °F, wind .* mph/ }).click();
  await page.getByLabel("Air temperature").fill("21.3");
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await listening(page);
  await page.getByRole("button", { name: /^Hour 10:00/ }).click();
  await expect(page.getByLabel("Air temperature")).toHaveValue("21.3");
  await page.getByLabel("Temperature in").selectOption("C");
  await expect(page.getByLabel("Air temperature")).toHaveValue("-5.9");
});

test("everything by keyboard", async ({ page }) => {
  await openSheet(page, "Sea-bird count");
  const hour = page.getByRole("button", { name: /^Hour 10:00/ });
  await hour.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Hour 10:00" })).toBeVisible();
  await page.getByLabel("Air temperature").focus();
  const before = await page.getByLabel("Air temperature").inputValue();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByLabel("Air temperature")).not.toHaveValue(before);
  await page.getByRole("button", { name: /^Trunk: Parka/ }).focus();
  await page.keyboard.press(" ");
  await expect(page.getByRole("heading", { name: /^Parka/ })).toBeVisible();
  const clock = page.getByRole("slider", { name: "Minute looked at" });
  await clock.focus();
  const at = Number(await clock.getAttribute("aria-valuenow"));
  await page.keyboard.press("ArrowRight");
  await expect(clock).toHaveAttribute("aria-valuenow", String(at + 5));
});

test("two tabs cannot silently overwrite each other, and nothing is dropped unasked", async ({ page, context }) => {
  await openSheet(page, "Sea-bird count");
  const other = await context.newPage();
  await openAt(other, page.url());
  await page.getByRole("button", { name: /^Phase 1, walk in/ }).click();
  await minutesField(page).fill("35");
  await expect(saved(page)).toBeVisible();

  await other.getByRole("button", { name: /^Phase 1, walk in/ }).click();
  await minutesField(other).fill("45");
  await expect(other.getByRole("alert")).toContainText("changed elsewhere");
  await expect(minutesField(other)).toHaveValue("45");
  await other.getByRole("button", { name: "Do my changes again on the newer one" }).click();
  await expect(other.getByRole("button", { name: /^Phase 1, walk in: 45 min/ })).toBeVisible();
  await expect(saved(other)).toBeVisible();

  await minutesField(page).fill("20");
  await expect(page.getByRole("alert")).toContainText("changed elsewhere");
  await page.getByRole("button", { name: "Save mine as a copy" }).click();
  await expect(page.getByRole("heading", { name: /Sea-bird count .*, copy/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /^Phase 1, walk in: 20 min/ })).toBeVisible();
  await other.reload();
  await expect(other.getByRole("button", { name: /^Phase 1, walk in: 45 min/ })).toBeVisible();
});

test("a server that cannot be reached loses nothing: the sheet goes on and can be saved later", async ({ page }) => {
  await openSheet(page, "Sea-bird count");
  await page.route("**/api/outings/*", (route) => route.abort());
  await page.getByRole("button", { name: /^Phase 1, walk in/ }).click();
  await minutesField(page).fill("33");
  await expect(page.getByRole("alert")).toContainText("cannot be reached");
  await page.unroute("**/api/outings/*");
  await page.getByRole("button", { name: "Try again" }).click();
  await expect(saved(page)).toBeVisible();
});

test("a save that arrives while its answer is lost is not taken for somebody else's", async ({ page }) => {
  await openSheet(page, "Sea-bird count");
  await page.route("**/api/outings/*", async (route) => {
    await route.fetch();
    await route.abort();
  });
  await page.getByRole("button", { name: /^Phase 1, walk in/ }).click();
  await minutesField(page).fill("36");
  await expect(page.getByRole("alert")).toContainText("cannot be reached");
  await page.unroute("**/api/outings/*");
  await minutesField(page).fill("37");
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(page.getByRole("button", { name: /^Phase 1, walk in: 37 min/ })).toBeVisible();
});

test("a closed tab loses nothing that could not be saved", async ({ page, context }) => {
  await openSheet(page, "Char through the ice");
  const address = page.url();
  await page.route("**/api/outings/*", (route) => route.abort());
  await page.getByRole("button", { name: /^Phase 1, walk in/ }).click();
  await minutesField(page).fill("27");
  await expect(page.getByRole("alert")).toContainText("cannot be reached");
  await page.close({ runBeforeUnload: false });
  const later = await context.newPage();
  await later.goto(address);
  await expect(later.getByRole("button", { name: /^Phase 1, walk in: 27 min/ })).toBeVisible();
  await expect(saved(later)).toBeVisible();
});

test("the list tells the verdict the sheet tells", async ({ page }) => {
  await openSheet(page);
  await expect(saved(page)).toBeVisible();
  await expect(page.getByTestId("range").first()).toContainText("–"); // the headline is the middle of it
  const headline = await minutesStill(page).textContent();
  const name = (await page.getByRole("heading", { level: 1 }).locator("span").first().textContent())!;
  await page.goto("/");
  await expect(page.getByRole("link", { name: new RegExp(name) })).toContainText(headline!.trim());
});
