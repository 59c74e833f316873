import { readFileSync } from "node:fs";
import { violations } from "./accessibility";
import { expect, type Page } from "@playwright/test";
import { listening, minutesStill } from "./sheet";
import { test } from "./test";

const LEK = { label: "Grouse lek before dawn, Runa, Sat 27 March 2027" };

async function openSeason(page: Page): Promise<void> {
  await page.goto("/season");
  await listening(page);
  await page.getByLabel("Person, plan and place of").selectOption(LEK);
  await page.getByRole("button", { name: "Show" }).click();
  await listening(page);
}
const counted = (page: Page) => page.getByTestId("season-summary");

test("a season is counted by keyboard, read day by day, taken along, and a day of it is planned", async ({ page }) => {
  await openSeason(page);
  await page.getByLabel("Hours wanted").fill("3");
  await page.getByLabel("First day: month").selectOption("January");
  await page.getByRole("button", { name: "Count the season" }).press("Enter");
  await expect(counted(page)).toHaveText(/^\d+ of 26 outings \(\d+ %\) last as long as you want/);
  await expect(page.getByText("Invented weather: a year as this program makes it up")).toBeVisible();
  expect(await violations(page)).toEqual([]);
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "All days as CSV" }).click();
  const rows = readFileSync(await (await download).path(), "utf8")
    .trim()
    .split(/\r?\n/);
  expect(rows).toHaveLength(27);
  const day = page.getByTestId("season-calendar").getByRole("button").first();
  await day.press("Enter");
  const told = (await page.getByRole("status").filter({ hasText: "January:" }).textContent())!;
  await page.getByRole("button", { name: "Plan this day as an outing" }).press("Enter");
  await expect(minutesStill(page)).not.toContainText("≈");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("January 2027");
  expect(told).toMatch(/^Sat,? 2 January: -?−?[\d.]+ °C/);
  // The habit stands as it was said when one comes back.
  await page.goto("/season");
  await listening(page);
  await expect(page.getByLabel("First day: month")).toHaveValue("1");
});

test("a year from a file is counted, and one that cannot be read says why", async ({ page }) => {
  await openSeason(page);
  await page.getByRole("button", { name: "A file" }).click();
  const file = page.getByLabel(/^A year’s hours/);
  await file.setInputFiles({ name: "notes.csv", mimeType: "text/csv", buffer: Buffer.from("this,that\n1,2\n") });
  await expect(page.getByRole("alert")).toContainText("It could not be read");
  await file.setInputFiles("tests/reference/epw/svartmyra.epw");
  await expect(page.getByText(/svartmyra\.epw: \d+ hours/)).toBeVisible();
  for (const weekday of ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday"])
    await page.getByLabel(weekday).check();
  await page.getByLabel("First day: month").selectOption("January");
  await page.getByLabel("Last day: month").selectOption("December");
  await page.getByRole("button", { name: "Count the season" }).click();
  await expect(page.getByText("The season is computed.")).toBeVisible();
  await page.getByTestId("season-calendar").getByRole("button").first().press("Enter");
  await page.getByRole("button", { name: "Plan a trip from that day on" }).press("Enter");
  await expect(page.getByTestId("weakest-day")).toBeVisible();
  await expect(page.getByTestId("trip-table").getByRole("link", { name: /^Dress me/ })).toHaveCount(3);
});

test("a whole kit's season names what to wear, what to buy and what to leave; workers of the server compute it", async ({
  page,
}) => {
  test.slow();
  await openSeason(page);
  await page.getByLabel("First day: month").selectOption("January");
  await page.getByLabel("Last day: day").selectOption("5");
  await page.getByLabel("Last day: month").selectOption("January");
  await page.getByLabel("Hours wanted").fill("9");
  await page.getByLabel("Worn").selectOption("the best of the whole kit, each day");
  await page.getByRole("button", { name: "Count the season" }).click();
  await expect(counted(page)).toHaveText(/of 2 outings/, { timeout: 120_000 });
  await expect(page.getByText("No worker of the server takes it")).toHaveCount(0);
  await expect(page.getByRole("region", { name: "Which outfit where" })).toContainText("Outfit 1");
  await expect(page.getByRole("heading", { name: "What this season could do without" })).toBeVisible();
  // A piece that could be bought is told as it was found in a shop, and counted so.
  await page.getByLabel("A piece as you find it").selectOption({ index: 1 });
  await page.getByLabel("Its name").fill("Seen in the harbour");
  await expect(page.getByRole("group", { name: "Seen in the harbour" })).toBeVisible();
  await page.getByText("What its label says").press("Enter");
  const withLabel = page.getByRole("button", { name: "Count the season with it" });
  await expect(withLabel).toBeDisabled();
  await page.getByRole("group", { name: "Seen in the harbour" }).getByLabel("Worn").selectOption({ index: 2 });
  const asked = page.waitForRequest((request) => request.url().endsWith("/api/jobs"));
  await withLabel.press("Enter");
  expect((JSON.parse((await asked).postData()!) as { labels: unknown[] }).labels).toHaveLength(1);
  await expect(counted(page)).toHaveText(/of 2 outings/, { timeout: 120_000 });
  // Asked again it is answered by what was found.
  const answered = page.waitForResponse((response) => response.url().endsWith("/api/jobs"));
  await page.getByRole("button", { name: "Count the season" }).click();
  expect(((await (await answered).json()) as { state: string }).state).toBe("done");
  await expect(counted(page)).toBeVisible();
});

test("the table by the door is computed once, printed, and there again without asking anybody", async ({ page }) => {
  test.slow();
  const outings = (await (await page.request.get("/api/outings")).json()) as { id: string; name: string }[];
  await page.goto(`/outings/${outings.find(({ name }) => name === "Grouse lek before dawn")!.id}/door`);
  const table = page.getByTestId("door-table");
  await expect(table).toBeVisible({ timeout: 120_000 });
  await expect(table.getByRole("rowheader")).toHaveCount(9);
  await expect(table.getByRole("row", { name: /^−10 °C/ })).toContainText("On from the start");
  const before = await table.textContent();
  await page.reload();
  await expect(table).toBeVisible({ timeout: 5000 });
  expect(await table.textContent()).toBe(before);
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "CSV" }).click();
  expect(
    readFileSync(await (await download).path(), "utf8")
      .trim()
      .split(/\r?\n/),
  ).toHaveLength(19);
});
