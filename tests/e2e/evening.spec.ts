import { expect, type Page } from "@playwright/test";
import { spawn } from "node:child_process";
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { readFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { ForecastView } from "../../src/formats/wire/evening/forecast-view";
import type { OutingView } from "../../src/formats/wire/outing/outing-view";
import { listening, minutesOf, minutesStill, openAt, openSheet, saved } from "./sheet";
import { test } from "./test";

/** A way of two kilometres up a hill, invented. */
const GPX = `<gpx version="1.1" creator="test" xmlns="http://www.topografix.com/GPX/1/1"><trk><name>Way</name><trkseg>${Array.from(
  { length: 60 },
  (_, at) => `<trkpt lat="${62 + at * 0.0003}" lon="11"><ele>${400 + at * 2}</ele></trkpt>`,
).join("")}</trkseg></trk></gpx>`;

const idOf = (page: Page): string => new URL(page.url()).pathname.split("/")[2]!;
const viewOf = async (page: Page): Promise<OutingView> =>
  (await (await page.request.get(`/api/outings/${idOf(page)}`)).json()) as OutingView;

/** Waits until the page can be opened without a network. */
const keptOffline = (page: Page) => expect(page.locator("html[data-offline=kept]")).toHaveCount(1);

test("a forecast is taken over, and a newer run says what it does to the verdict", async ({ page }) => {
  await openSheet(page);
  await page.getByRole("button", { name: "Weather", exact: true }).click();
  await page.getByRole("button", { name: "Forecast", exact: true }).click();
  await expect(page.getByTestId("forecast-invented")).toBeVisible();
  await page.getByRole("button", { name: "Take these hours over" }).click();
  await expect(page.getByText(/Planned on Umiak’s invented forecast/)).toBeVisible();
  await expect(saved(page)).toBeVisible();

  // The same plan, made on a run of weeks ago.
  const view = await viewOf(page);
  const asOf = new Date(Date.now() - 40 * 86_400_000).toISOString();
  const older = (await (
    await page.request.get(`/api/outings/${view.id}/forecast?asOf=${asOf}`)
  ).json()) as ForecastView;
  const { version, setting, weatherShaped, phases, wearings } = view;
  const weather = view.weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC - 4 }));
  const plan = { ...view.plan, forecast: { service: older.service, issuedAt: older.issuedAt, invented: true } };
  const put = await page.request.put(`/api/outings/${view.id}`, {
    data: { version, setting, weatherShaped, weather, phases, wearings, plan },
  });
  expect(put.status()).toBe(200);
  await openAt(page, `/outings/${view.id}`);
  const changed = page.getByTestId("forecast-changed");
  await expect(changed).toContainText("4 °C warmer");
  await expect(changed).toContainText(/\d+ min|\d+ h \d+/);
  await expect(changed).toContainText(/more still/);
  const before = await minutesOf(page);
  await changed.getByRole("button", { name: "Take the newer one over" }).click();
  await expect(changed).toBeHidden();
  await expect.poll(() => minutesOf(page)).toBeGreaterThan(before);
});

test("the walk in comes from a GPX file, with its minutes; the place leaves only when ticked", async ({ page }) => {
  await openSheet(page);
  await page.getByRole("button", { name: "Place", exact: true }).click();
  const file = page.getByLabel("Take the way from a GPX file");
  await file.setInputFiles({ name: "bad.gpx", mimeType: "application/gpx+xml", buffer: Buffer.from("<gpx/>") });
  await expect(page.getByText("holds no track and no route")).toBeVisible();
  await file.setInputFiles({ name: "way.gpx", mimeType: "application/gpx+xml", buffer: Buffer.from(GPX) });
  await expect(page.getByRole("img", { name: /Heights along the way: 1.97 km, 1\d\d m up, 0 m down/ })).toBeVisible();
  await expect(page.getByLabel("Distance", { exact: true })).toHaveValue("1.97");
  await expect(page.getByLabel("Climb", { exact: true })).toHaveValue("118");
  await page.getByRole("button", { name: /^easy pace/ }).click();
  await expect(saved(page)).toBeVisible();
  const easy = (await viewOf(page)).phases[0]!.minutes;
  await page.getByRole("spinbutton", { name: "Boots sink into snow" }).fill("25");
  await page.getByRole("button", { name: /^easy pace/ }).click();
  await expect.poll(async () => (await viewOf(page)).phases[0]!.minutes).toBeGreaterThan(easy);
  await expect(page.getByRole("button", { name: "Save place and way as GPX" })).toBeDisabled();

  await page.goto(`/outings/${idOf(page)}/pack`);
  await listening(page);
  await page.getByLabel(/^Show the coordinates/).check();
  await expect(saved(page)).toBeVisible();
  await page.goto(`/outings/${idOf(page)}`);
  await listening(page);
  await page.getByRole("button", { name: "Place", exact: true }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save place and way as GPX" }).click();
  const text = await readFile(await (await download).path(), "utf8");
  expect(text).toContain('<wpt lat="62" lon="11">');
  expect(text.match(/<trkpt/g)!.length).toBeGreaterThan(1);
});

test("what is packed stays ticked; own things and who knows of it are kept", async ({ page }) => {
  await openSheet(page);
  await page.getByRole("link", { name: "Pack", exact: true }).click();
  await expect(page.getByTestId("packed")).toBeVisible();
  await listening(page);
  await page.getByLabel(/^headlamp/).check();
  await page.getByLabel("What else to take").fill("spotting scope");
  await page.keyboard.press("Enter");
  await page.getByRole("checkbox", { name: "spotting scope" }).check();
  await page.getByLabel("Name", { exact: true }).fill("Tove");
  await page.getByLabel("Reached by").fill("at the farm");
  await expect(page.getByTestId("packed")).toHaveText(/^2 of/);
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByTestId("packed")).toHaveText(/^2 of/);
  await expect(page.getByRole("checkbox", { name: "spotting scope" })).toBeChecked();
  await page.goto(`/outings/${idOf(page)}/card`);
  await expect(page.getByTestId("left-with")).toContainText("Tove (at the farm)");
  await expect(page.getByTestId("recomputing")).toHaveCount(0); // a card that comes anew is looked at once it stands
});

test.describe("without a network", () => {
  test.use({ serviceWorkers: "allow" });
  test("the card and the sheet are there without a network; what is edited meanwhile is sent later", async ({
    page,
    context,
  }) => {
    await openSheet(page);
    await keptOffline(page);
    await page.goto(`/outings/${idOf(page)}/card`);
    // A card whose times are still being computed shows itself again once they stand: that one is kept then.
    await expect(page.getByTestId("turn-back")).toBeVisible();
    await keptOffline(page);
    await context.setOffline(true);
    await page.reload();
    await expect(page.getByTestId("turn-back")).toHaveText(/Turn back \d\d:\d\d/);
    await listening(page);
    await expect(page.getByText(/^Place:/)).toHaveCount(0);
    await page.getByRole("button", { name: "Red light: off" }).click();
    await expect(page.locator("html")).toHaveAttribute("data-theme", "red");
    await page.reload();
    await listening(page);
    await expect(page.getByTestId("card-next")).toHaveText(/Next|Nothing more/);
    await page.getByRole("button", { name: "Red light: o" }).click();

    await openAt(page, `/outings/${idOf(page)}`);
    const before = await minutesOf(page);
    await page.getByRole("button", { name: "Place", exact: true }).click();
    await page.getByRole("combobox", { name: "Shelter" }).selectOption("openIce");
    await expect.poll(() => minutesOf(page)).not.toBe(before);
    await expect(page.getByText(/Your changes are kept in this browser/)).toBeVisible();
    const edited = await minutesStill(page).textContent();
    page.once("dialog", (dialog) => void dialog.accept());
    await page.reload();
    await expect(minutesStill(page)).toHaveText(edited!);
    // What is loaded late is there too, and a card of before says that it is.
    await page.getByRole("button", { name: "Weather", exact: true }).click();
    await expect(page.getByRole("dialog")).toBeVisible();
    await page.keyboard.press("Escape");
    page.once("dialog", (dialog) => void dialog.accept());
    await page.goto(`/outings/${idOf(page)}/card`);
    await expect(page.getByTestId("card-older")).toContainText("Older than your changes");
    await openAt(page, `/outings/${idOf(page)}`);
    await expect(page.getByText(/Your changes are kept in this browser/)).toBeVisible();
    await context.setOffline(false);
    await expect(saved(page)).toBeVisible();
    expect((await viewOf(page)).setting.shelter).toBe("openIce");
  });
});

test("a part that cannot be loaded says so, can be tried again, and empties nothing", async ({ page, context }) => {
  await context.route("**/_astro/weather-dialog*", (route) => route.abort());
  await openSheet(page);
  // The server is there: the page is loaded again once, as after an upgrade; then it says what is wrong.
  const again = page.waitForEvent("load");
  await page.getByRole("button", { name: "Weather", exact: true }).click();
  await again;
  await listening(page);
  await page.getByRole("button", { name: "Weather", exact: true }).click();
  const problem = page.getByRole("alert").filter({ hasText: "could not be loaded" });
  await expect(problem).toBeVisible();
  await expect(minutesStill(page)).toHaveText(/\d/);
  await context.unroute("**/_astro/weather-dialog*");
  await problem.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
});

test("two sitters on one outing, each with their verdict", async ({ page }) => {
  await openSheet(page);
  await page.getByRole("button", { name: "Add a sitter" }).click();
  await page.getByLabel("Who goes along").selectOption({ label: "Eskil" });
  await page.getByRole("button", { name: "Add and open their sheet" }).click();
  await expect(page.getByTestId("party-leaves")).toContainText(/The party leaves when its first must: (Runa|Eskil)/);
  await expect(page.getByRole("link", { name: "Runa" })).toBeVisible();
  await page.getByRole("link", { name: "Runa" }).click();
  await expect(page.getByTestId("party-leaves")).toContainText("The party leaves");
  await expect(page.getByRole("link", { name: "Eskil" })).toBeVisible();
});

test("a removed outing is had back, and its file is taken in again", async ({ page }) => {
  await openSheet(page);
  const { name, id } = await viewOf(page);
  await page.goto("/backup");
  await listening(page);
  const exported = page.waitForEvent("download");
  await page.getByRole("link", { name: `Export ${name}` }).click();
  const path = await (await exported).path();
  await page.getByRole("button", { name: `Remove ${name}` }).click();
  await expect(page.getByRole("button", { name: `Have it back ${name}` })).toBeVisible();
  await page.goto("/");
  await expect(page.getByRole("link", { name })).toHaveCount(0);
  await page.goto("/backup");
  await listening(page);
  await page.getByLabel("A file made by Backup or by Export").setInputFiles(path);
  await expect(page.getByTestId("restored")).toContainText("0 outings put back; 1 were here already");
  await page.getByRole("button", { name: `Have it back ${name}` }).click();
  await page.goto(`/compare?one=${id}`);
  await expect(page.getByRole("link", { name, exact: true })).toBeVisible();
});

/** A server of its own on another port, to be stopped. */
async function ownServer(port: number): Promise<{ readonly address: string; readonly stop: () => Promise<void> }> {
  const folder = mkdtempSync(join(tmpdir(), "umiak-stopped-"));
  chmodSync(folder, 0o755); // the postgres user has to pass
  const env = { ...process.env, PORT: String(port), UMIAK_DATA_DIR: folder, DATABASE_URL: "" };
  const server = spawn(process.execPath, ["scripts/run/main.mjs", "start"], { env, stdio: "ignore" });
  const address = `http://127.0.0.1:${port}`;
  await expect
    .poll(
      () =>
        fetch(`${address}/api/health`).then(
          (answer) => answer.ok,
          () => false,
        ),
      { timeout: 120_000 },
    )
    .toBe(true);
  const stop = (): Promise<void> =>
    new Promise((resolve) => {
      server.once("exit", () => {
        rmSync(folder, { recursive: true, force: true });
        resolve();
      });
      server.kill("SIGTERM");
    });
  return { address, stop };
}

test("the card opens on the phone after the server was stopped", async ({ browser }) => {
  const { address, stop } = await ownServer(Number(process.env.UMIAK_TEST_PORT ?? 4479) + 20);
  const page = await browser.newPage({
    baseURL: address,
    viewport: { width: 390, height: 844 },
    serviceWorkers: "allow",
  });
  const outings = (await (await page.request.get("/api/outings")).json()) as { id: string }[];
  await page.goto(`/outings/${outings[0]!.id}/card`);
  await keptOffline(page);
  const turnBack = await page.getByTestId("turn-back").textContent();
  await stop();
  await expect(page.request.get("/api/health")).rejects.toThrow();
  await page.goto("about:blank");
  await page.goto(`/outings/${outings[0]!.id}/card`);
  await expect(page.getByTestId("turn-back")).toHaveText(turnBack!);
  await listening(page);
  await page.getByRole("button", { name: "Red light: off" }).click();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "red");
  await page.close();
});
