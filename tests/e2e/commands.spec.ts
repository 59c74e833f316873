import { get } from "node:http";
import { violations } from "./accessibility";
import { expect } from "@playwright/test";
import { listedCount, openKit } from "./kit";
import { test } from "./test";

test("one key goes anywhere by its name: an outing, a piece of somebody's kit, a colour", async ({ page }) => {
  await openKit(page, "Eskil");
  const dialog = page.getByRole("dialog", { name: "Go to" });
  await page.keyboard.press("Control+k");
  await expect(dialog.getByRole("combobox")).toBeFocused();
  await expect(dialog.getByRole("option", { name: /Grouse lek/ }).first()).toBeVisible(); // other tests copy it
  expect(await violations(page, { within: "dialog" })).toEqual([]);
  await page.keyboard.type("red, for the night");
  await page.keyboard.press("Enter");
  await expect(page.locator("html")).toHaveAttribute("data-theme", "red");
  await expect(dialog).toBeHidden();
  await page.keyboard.press("Control+k");
  await expect(dialog.getByRole("combobox")).toBeFocused();
  await page.keyboard.type("long mitts");
  await expect(dialog.getByRole("option", { name: /Long mitts/ }).first()).toBeVisible();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("region", { name: "Piece", exact: true })).toContainText("Long mitts, batting 300");
  await page.getByRole("button", { name: "Go to …" }).click();
  await dialog.getByRole("combobox").fill("moss");
  await expect(dialog.getByText("Nothing is called so.")).toBeVisible();
  await dialog.getByRole("combobox").fill("char");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: /Char through the ice/ })).toBeVisible();
});

test("what was done is told, and undone from where it is told", async ({ page }) => {
  const errors: string[] = [];
  page.on("console", (message) => message.type() === "error" && errors.push(message.text()));
  await openKit(page, "Eskil");
  const before = await listedCount(page);
  await page.getByRole("button", { name: "Add …" }).click();
  await page.getByRole("button", { name: "Add it", exact: true }).click();
  await expect.poll(() => listedCount(page)).toBe(before + 1);
  await page.getByRole("region", { name: "What was done" }).getByRole("button", { name: "Undo" }).click();
  await expect.poll(() => listedCount(page)).toBe(before);
  expect(errors).toEqual([]); // the page's policy lets the notice have its styles, and no others
});

// Counted by asking again for what the page and its workers asked for: a browser tells no size for a worker's script.
test.describe("script", () => {
  for (const language of ["en", "nb"])
    test(`a sheet that is only looked at needs at most 200 kB of script, compressed (${language})`, async ({
      page,
      context,
      baseURL,
    }) => {
      await context.addCookies([{ name: "umiak-language", value: language, url: baseURL! }]);
      const scripts = new Set<string>();
      context.on("request", (request) => /\.js(\?|$)/.test(request.url()) && scripts.add(request.url()));
      page.on("worker", (worker) => scripts.add(worker.url()));
      const outings = (await (await page.request.get("/api/outings")).json()) as { id: string; name: string }[];
      await page.goto(`/outings/${outings.find(({ name }) => name.startsWith("Grouse lek"))!.id}`);
      await expect(page.getByTestId("minutes-still")).toBeVisible();
      await expect(page.getByTestId("standard-opinion")).not.toContainText("…");
      await page.waitForLoadState("networkidle");
      expect([...scripts].filter((url) => /worker/.test(url))).not.toEqual([]);
      const cookie = `umiak-language=${language}`;
      const sizes = await Promise.all([...scripts].map((url) => bytesSent(url, cookie)));
      const total = sizes.reduce((sum, size) => sum + size, 0);
      expect(total).toBeGreaterThan(100_000);
      expect(total).toBeLessThanOrEqual(200_000);
    });
});

/** Bytes of the answer's body as they cross the wire to a browser that takes brotli. */
const bytesSent = (url: string, cookie: string) =>
  new Promise<number>((resolve, reject) => {
    get(url, { headers: { "accept-encoding": "br", cookie } }, (response) => {
      let bytes = 0;
      response.on("data", (chunk: Buffer) => (bytes += chunk.length));
      response.on("end", () => (response.statusCode === 200 ? resolve(bytes) : reject(new Error(url))));
    }).on("error", reject);
  });
