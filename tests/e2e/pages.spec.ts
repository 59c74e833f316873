import { violations } from "./accessibility";
import { expect } from "@playwright/test";
import { openKit, piecesList } from "./kit";
import { listening, openSheet, settled } from "./sheet";
import { test } from "./test";

// In the dark only colours differ, on a phone everything but colours: what is the same is looked at once.
const SCREENS = [
  { name: "light, wide", width: 1280, height: 800, colorScheme: "light", rules: "all" },
  { name: "dark, wide", width: 1280, height: 800, colorScheme: "dark", rules: "colours" },
  { name: "light, phone", width: 390, height: 844, colorScheme: "light", rules: "all but colours" },
] as const;
for (const { name, width, height, colorScheme, rules } of SCREENS) {
  test.describe(name, () => {
    test.use({ viewport: { width, height }, colorScheme });

    test("no accessibility violation, no error in the console, nothing wider than the screen", async ({ page }) => {
      test.slow(); // a dozen pages, each looked through whole
      const errors: string[] = [];
      page.on("console", (message) => message.type() === "error" && errors.push(message.text()));
      page.on("pageerror", (error) => errors.push(error.message));
      const wide = () => page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth);

      await page.goto("/");
      await settled(page);
      expect(await violations(page, { rules })).toEqual([]);
      expect(await wide()).toBe(false);

      await openSheet(page, "Char through the ice");
      await page.getByRole("button", { name: /^Trunk: One-piece/ }).click();
      await page.getByRole("button", { name: "Done", exact: true }).click();
      await page.getByText("When it goes wrong").click();
      await page.getByText("Skin on metal, glass, batteries").click();
      await expect(page.getByText(/^In what is worn: fingers numb/)).toBeVisible();
      expect(await violations(page, { rules })).toEqual([]);
      expect(await wide()).toBe(false);

      const sheet = page.url();
      await page.goto(`${sheet}/pack`);
      await expect(page.getByTestId("packed")).toHaveText(/^0 of/);
      expect(await violations(page, { rules })).toEqual([]);
      expect(await wide()).toBe(false);

      await page.goto(`${sheet}/dress`);
      await listening(page);
      expect(await violations(page, { rules })).toEqual([]);
      expect(await wide()).toBe(false);

      await page.goto(`${sheet}/card`);
      await expect(page.getByTestId("card-next")).toHaveText(/Next|Nothing more/);
      expect(await violations(page, { rules })).toEqual([]);
      await listening(page);
      await page.getByRole("button", { name: "Red light: off" }).click();
      expect(await violations(page, { rules })).toEqual([]);
      expect(await wide()).toBe(false);
      await page.getByRole("button", { name: "Red light: on" }).click();

      for (const address of [
        "/compare",
        "/backup",
        "/logbook",
        "/logbook/bring",
        `${sheet}/after`,
        `${sheet}/live`,
        "/method/document",
      ]) {
        await page.goto(address);
        await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
        expect(await violations(page, { rules })).toEqual([]);
        expect(await wide()).toBe(false);
      }

      await openKit(page);
      await piecesList(page)
        .getByRole("button", { name: /^Mitts/ })
        .click();
      expect(await violations(page, { rules })).toEqual([]);
      expect(await wide()).toBe(false);

      await page.goto("/footwear");
      await expect(page.getByTestId("toes-last").first()).toHaveText(/\d/);
      expect(await violations(page, { rules })).toEqual([]);
      expect(await wide()).toBe(false);

      await page.goto("/handwear");
      await expect(page.getByTestId("task-lasts").first()).toHaveText(/\d/);
      expect(await violations(page, { rules })).toEqual([]);
      expect(await wide()).toBe(false);

      await page.goto("/method");
      await expect(page.getByText(/% bare/)).toBeVisible();
      expect(await violations(page, { rules })).toEqual([]);
      expect(await wide()).toBe(false);
      expect(errors).toEqual([]);
    });
  });
}

test("colours follow the choice, and the choice lasts", async ({ page }) => {
  await page.goto("/");
  const ground = () => page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor);
  const light = await ground();
  await page.getByLabel("Colours").selectOption("dark");
  expect(await ground()).not.toBe(light);
  await page.reload();
  expect(await ground()).not.toBe(light);
});

test("what would do nothing yet cannot be pressed: on a slow line the controls wait for their script", async ({
  page,
}) => {
  let letThrough = (): void => undefined;
  const arrives = new Promise<void>((resolve) => (letThrough = resolve));
  await page.route("**/*.js", async (route) => {
    await arrives;
    await route.continue();
  });
  await page.goto("/outings/new", { waitUntil: "commit" });
  const make = page.getByRole("button", { name: "Make the sheet" });
  await expect(make).toBeDisabled();
  await expect(page.getByLabel("Colours")).toBeDisabled();
  letThrough();
  await expect(make).toBeEnabled();
});

test("what is not there is said plainly, with a way back", async ({ page }) => {
  for (const path of ["/outings/nonsense", "/outings/01900000-0000-7000-8000-0000000000aa", "/no-such-page"]) {
    const response = await page.goto(path);
    expect(response?.status()).toBe(404);
    await expect(page.getByRole("link", { name: "To the outings" })).toBeVisible();
  }
});

test("the built server guards its endpoints and carries a policy without unsafe words", async ({
  request,
  baseURL,
}) => {
  const page = await request.get("/");
  const policy = page.headers()["content-security-policy"] ?? "";
  expect(policy).toMatch(/default-src 'none'/);
  expect(policy).toMatch(/frame-ancestors 'none'/);
  expect(policy).not.toMatch(/unsafe/);
  const [outing] = (await (await request.get("/api/outings")).json()) as { id: string }[];
  const write = (headers: Record<string, string>) =>
    request.put(`${baseURL}/api/outings/${outing!.id}`, { headers, data: {} });
  expect((await write({ origin: "http://evil.example" })).status()).toBe(403);
  expect((await write({ host: "evil.example" })).status()).toBe(421);
  expect((await write({})).status()).toBe(400);
});
