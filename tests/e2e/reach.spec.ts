import { readFileSync } from "node:fs";
import { violations } from "./accessibility";
import { expect } from "@playwright/test";
import { listening, minutesOf } from "./sheet";
import { test } from "./test";

test("the map of an outfit is read by keyboard and pointer, switched, laid over, taken along, and planned from", async ({
  page,
}) => {
  await page.goto("/reach");
  await listening(page);
  await page
    .getByLabel("Outfit, person and plan of")
    .selectOption({ label: "Grouse lek before dawn, Runa, Sat 27 March 2027" });
  await page.getByRole("button", { name: "Show" }).click();
  await listening(page);
  const computed = page.getByText("416 cells, each the whole simulation of this outing.");
  await expect(computed).toBeVisible();
  const map = page.getByTestId("reach-map");
  const read = page.getByTestId("cell-read");
  await map.focus();
  await map.press("ArrowRight");
  await expect(read).toHaveText(/^10 °C, 0 m\/s: longer than 10 h/);
  for (let row = 0; row < 9; row++) await map.press("ArrowDown");
  await expect(read).toHaveText(/^−8 °C, 0 m\/s: \d h \d\d, then toes$/);
  const still = (await read.textContent())!;
  expect(await violations(page)).toEqual([]);

  // Metal under the feet costs minutes; as planned again they are back.
  await page.getByLabel("Ground").selectOption("metal platform");
  await expect(read).not.toHaveText(still);
  await page.getByLabel("Ground").selectOption("as planned");
  await expect(read).toHaveText(still);
  const box = (await map.boundingBox())!;
  await page.mouse.move(box.x + box.width - 20, box.y + 25);
  await expect(read).toHaveText(/^10 °C, 12 m\/s/);

  const [csv] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "CSV" }).click()]);
  const rows = readFileSync(await csv.path(), "utf8")
    .trim()
    .split("\n");
  expect(rows).toHaveLength(417);
  expect(rows[0]).toMatch(/^air temperature \[°C\],wind \[m\/s\],minutes still,ended by/);
  const [png] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "PNG" }).click()]);
  expect(
    readFileSync(await png.path())
      .subarray(1, 4)
      .toString(),
  ).toBe("PNG");

  await map.focus();
  for (let row = 0; row < 9; row++) await map.press("ArrowDown");
  for (let column = 0; column < 15; column++) await map.press("ArrowLeft");
  await expect(read).toHaveText(still);
  await page.getByRole("button", { name: "Plan an outing in this weather" }).click();
  await page.waitForURL(/\/outings\/[0-9a-f-]{36}$/);
  // The sheet tells the middle of its range, the map a single run: near each other.
  const [, hours, minutes] = /: (\d) h (\d\d)/.exec(still)!;
  const single = 60 * Number(hours) + Number(minutes);
  const middle = await minutesOf(page);
  expect(middle).toBeGreaterThan(0.7 * single);
  expect(middle).toBeLessThan(1.4 * single);
});

test("two outfits lie over each other on a phone; an outing that is not there is said", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const outings = (await (await page.request.get("/api/outings")).json()) as { id: string; name: string }[];
  const idOf = (name: string): string => outings.find((own) => own.name === name)!.id;
  await page.goto(`/reach?outing=${idOf("Grouse lek before dawn")}&other=${idOf("Char through the ice")}`);
  await listening(page);
  await expect(page.getByText(/in the outfit laid over it/)).toBeVisible();
  await expect(page.getByText("416 cells, each the whole simulation of this outing.")).toBeVisible();
  await page.getByTestId("reach-map").press("ArrowDown");
  await expect(page.getByTestId("cell-read")).toHaveText(/; the other /);
  expect(await page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth)).toBe(false);
  expect(await violations(page)).toEqual([]);
  await page.goto("/reach?outing=00000000-0000-7000-8000-000000000000");
  await expect(page.getByRole("heading", { name: "This map cannot be shown" })).toBeVisible();
});
