import { violations } from "./accessibility";
import { spawn, type ChildProcess } from "node:child_process";
import { rmSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { listening, minutesOf, saved } from "./sheet";
import { test } from "./test";

// A stranger's first morning, on a database that holds nothing: on a server of its own.

const PORT = Number(process.env.UMIAK_TEST_PORT ?? 4479) + 200;
const HOME = `http://127.0.0.1:${PORT}`;
const DATA = `test-results/data-${PORT}`;
let server: ChildProcess;

test.beforeAll(async () => {
  rmSync(DATA, { recursive: true, force: true });
  const env = { ...process.env, PORT: String(PORT), UMIAK_DATA_DIR: DATA, UMIAK_DEMO: "none", DATABASE_URL: "" };
  server = spawn(process.execPath, ["scripts/run/main.mjs", "start"], { env, stdio: "ignore" });
  await expect
    .poll(
      () =>
        fetch(`${HOME}/api/health`).then(
          ({ ok }) => ok,
          () => false,
        ),
      { timeout: 120_000 },
    )
    .toBe(true);
});
test.afterAll(async () => {
  const ended = new Promise((resolve) => server.once("exit", resolve));
  server.kill("SIGTERM");
  await ended;
});

/** What a person does with keys alone: going to a control and using it counts as one. */
function byKeys(page: Page) {
  let actions = 0;
  const goTo = async (name: RegExp): Promise<void> => {
    actions++;
    for (let step = 0; step < 120; step++) {
      const label = await page.evaluate(() => {
        const here = document.activeElement;
        const labels =
          here instanceof HTMLInputElement || here instanceof HTMLSelectElement ? [...(here.labels ?? [])] : [];
        return [here?.getAttribute("aria-label"), ...labels.map((own) => own.textContent), here?.textContent]
          .join(" ")
          .trim();
      });
      if (name.test(label)) return;
      await page.keyboard.press("Tab");
    }
    throw new Error(`Tab never came to ${name}`);
  };
  return {
    /** Of a row of choices: arrows go through it. Where there is nothing to choose among yet, nothing is pressed. */
    choose: async (name: string) => {
      const choice = page.getByRole("radio", { name, exact: true });
      if ((await choice.count()) === 0) return;
      actions++;
      await choice.focus();
      await page.keyboard.press("Space");
    },
    press: async (name: RegExp) => (await goTo(name), page.keyboard.press("Enter")),
    type: async (name: RegExp, text: string) => {
      await goTo(name);
      await page.keyboard.press("Control+a");
      await page.keyboard.type(text);
    },
    actions: () => actions,
  };
}

test.describe("by keyboard", () => {
  test.use({ locale: "en-GB" });

  test("from an empty database to a dressed sheet in under 25 actions", async ({ page }) => {
    await page.goto(HOME);
    const keys = byKeys(page);
    await keys.press(/^Plan an outing$/);
    await expect(page.getByRole("heading", { name: "Plan an outing" })).toBeVisible();
    await listening(page);
    expect(await violations(page)).toEqual([]);
    await keys.type(/^Name$/, "Tove");
    await keys.type(/^Weight/, "68");
    await keys.type(/^Name of the place/, "Eskelund, high seat");
    await keys.type(/^Coordinates/, "60.1, 9.4");
    await expect(page.getByTestId("place-known")).toContainText(/Sun up|does not/);
    await expect(page.getByText("Europe/Oslo").first()).toBeVisible();
    await keys.press(/^Make the sheet$/);
    await expect(page.getByRole("heading", { name: /Eskelund/ })).toBeVisible();
    expect(await minutesOf(page)).toBeGreaterThan(30);
    await expect(page.getByRole("button", { name: /^Trunk: / }).first()).toBeVisible();
    expect(keys.actions()).toBeLessThan(25);
  });
});

test.describe("in Norwegian, by keyboard", () => {
  test.use({ locale: "nb-NO" });

  test("from nothing to a dressed sheet in under 25 actions", async ({ page }) => {
    await page.goto(HOME);
    const keys = byKeys(page);
    await keys.press(/^Planlegg en tur$/);
    await expect(page.getByRole("heading", { name: "Planlegg en tur" })).toBeVisible();
    await listening(page);
    await keys.choose("en ny person …");
    await keys.type(/^Navn$/, "Eskil");
    await keys.type(/^Vekt/, "82");
    await keys.choose("et nytt sted …");
    await keys.type(/^Navn på stedet/, "Svartmyra");
    await keys.type(/^Koordinater/, "61.2, 10.4");
    await expect(page.getByTestId("place-known")).toContainText(/Solen/);
    await keys.press(/^Lag arket$/);
    await expect(page.getByRole("heading", { name: /Svartmyra/ })).toBeVisible();
    expect(await minutesOf(page)).toBeGreaterThan(30);
    await expect(page.getByRole("button", { name: /^Overkropp: / }).first()).toBeVisible();
    expect(keys.actions()).toBeLessThan(25);
  });
});

test.describe("by touch on a phone, in feet, pounds, °F and miles an hour", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, locale: "en-US" });

  test("a first sheet that says nothing in the other units", async ({ page }) => {
    await page.goto(`${HOME}/outings/new`);
    await listening(page);
    await page.getByText("somebody new …").tap();
    await page.getByLabel("Name", { exact: true }).fill("Walt");
    await page.getByLabel("Height, feet").fill("6");
    await page.getByLabel("and inches").fill("1");
    await page.getByLabel("Weight").fill("185");
    await page.getByText("a new place …").tap();
    await page.getByLabel("Name of the place").fill("Heron Slough");
    await page.getByLabel(/^Coordinates/).fill("44.5 -72.7");
    await page.getByText("low and high, as a forecast's line has it").tap();
    await page.getByLabel("Low", { exact: true }).fill("14");
    await page.getByLabel("High", { exact: true }).fill("25");
    await page.getByLabel("Wind", { exact: true }).fill("8");
    expect(await violations(page)).toEqual([]);
    await page.getByRole("button", { name: "Make the sheet" }).tap();
    await expect(page.getByRole("heading", { name: /Heron Slough/ })).toBeVisible();
    expect(await minutesOf(page)).toBeGreaterThan(30);
    const people = (await (await page.request.get(`${HOME}/api/people`)).json()) as {
      name: string;
      massKg: number;
      heightM: number;
    }[];
    const walt = people.find(({ name }) => name === "Walt")!;
    expect(walt.massKg).toBeCloseTo(83.9, 1);
    expect(walt.heightM).toBeCloseTo(1.854, 3);
    expect(await page.locator("body").innerText()).not.toMatch(/\d\s?(?:°C|m\/s)\b/);
    await page.goto(`${HOME}/people`);
    await listening(page);
    await page.getByRole("button", { name: /^Walt/ }).tap();
    await expect(page.getByLabel("Weight")).toHaveValue("185");
    await expect(page.getByTestId("person-effects")).toBeVisible();
    expect(await violations(page)).toEqual([]);
  });
});

test("who, when and where can be changed later; a removed outing can be had back", async ({ page }) => {
  await page.goto(`${HOME}/outings/new`);
  await listening(page);
  await page.getByText("somebody new …").click();
  await page.getByLabel("Name", { exact: true }).fill("Eskil");
  await page.getByText("a new place …").click();
  await page.getByLabel("Name of the place").fill("Tarn Halla");
  const map = page.getByRole("application", { name: /^Map/ });
  await map.click({ position: { x: 200, y: 150 } });
  await expect(page.getByTestId("map-point")).toBeVisible();
  await map.press("ArrowRight");
  await expect(page.getByTestId("place-known")).toBeVisible();
  await page.getByText("nothing yet").click();
  await page.getByRole("button", { name: "Make the sheet" }).click();
  await expect(page.getByRole("heading", { name: "Put something on first" })).toBeVisible();
  await page.getByRole("button", { name: "Generic clothes, chosen by the cold" }).click();
  expect(await minutesOf(page)).toBeGreaterThan(30);
  await expect(saved(page)).toBeVisible();
  await page.getByRole("button", { name: "Name, day, who and where" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel("Name", { exact: true }).fill("Char at first light");
  await dialog.getByLabel("Starts, by the clock").fill("2027-02-06T06:10");
  expect(await violations(page, { within: "dialog" })).toEqual([]);
  await dialog.getByRole("button", { name: "Keep" }).click();
  await expect(page.getByRole("heading", { name: /Char at first light.*6 February 2027 from 06:10/ })).toBeVisible();
  await listening(page);
  await page.getByRole("button", { name: "Name, day, who and where" }).click();
  await page.getByRole("button", { name: "Remove this outing" }).click();
  await expect(page.getByText("The outing is removed.")).toBeVisible();
  await page.getByRole("button", { name: "Have it back" }).click();
  await expect(page.getByRole("heading", { name: /Char at first light/ })).toBeVisible();
});
