// Takes the pictures of docs/screenshots from a running Umiak with demo data (./umiak start).
import { mkdirSync } from "node:fs";
import { chromium, type Page } from "@playwright/test";
import { PREFERENCES_COOKIE } from "../../src/formats/display/preferences";

const ADDRESS = process.env.UMIAK_URL ?? "http://127.0.0.1:4477";
const FOLDER = "docs/screenshots";
const WIDE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const browser = await chromium.launch({
  executablePath: process.env.UMIAK_CHROMIUM ?? "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu"],
});

async function openLek(page: Page): Promise<void> {
  await page.goto(ADDRESS);
  await page.getByRole("link", { name: /Grouse lek/ }).click();
  await page.getByTestId("minutes-still").waitFor();
}

async function picture(
  name: string,
  viewport: { width: number; height: number },
  colorScheme: "light" | "dark" | "red",
  show: (page: Page) => Promise<void>,
): Promise<void> {
  const page = await browser.newPage({
    viewport,
    locale: "en-IE",
    colorScheme: colorScheme === "red" ? "dark" : colorScheme,
  });
  const theme = encodeURIComponent(JSON.stringify({ theme: "red" }));
  if (colorScheme === "red")
    await page.context().addCookies([{ name: PREFERENCES_COOKIE, value: theme, url: ADDRESS }]);
  await show(page);
  await page.waitForLoadState("networkidle");
  const range = page.getByTestId("range").filter({ hasText: /\d/, visible: true });
  if (/outings\/[^/]*-[^/]*$/.test(page.url())) await range.first().waitFor();
  await page.getByText("trying every single change").first().waitFor({ state: "hidden" });
  await page.screenshot({ path: `${FOLDER}/${name}.png` });
  await page.close();
  console.log(`${FOLDER}/${name}.png`);
}

mkdirSync(FOLDER, { recursive: true });
await picture("outings", WIDE, "light", async (page) => void (await page.goto(ADDRESS)));
await picture("new-outing", WIDE, "light", async (page) => void (await page.goto(`${ADDRESS}/outings/new`)));
await picture("people", WIDE, "light", async (page) => {
  await page.goto(`${ADDRESS}/people`);
  await page.getByTestId("person-effects").waitFor();
  await page.getByRole("heading", { name: "What it does to a standard morning" }).scrollIntoViewIfNeeded();
});
await picture("places", WIDE, "light", async (page) => {
  await page.goto(`${ADDRESS}/places`);
  await page.getByTestId("place-known").waitFor();
});
await picture("day-sheet", WIDE, "light", openLek);
await picture("dresser", WIDE, "light", async (page) => {
  await openLek(page);
  await page.goto(`${page.url()}/dress#now`);
  await page.getByTestId("left-at-home").waitFor();
});
await picture("trip", WIDE, "light", async (page) => {
  await page.goto(`${ADDRESS}/trips`);
  await page.waitForLoadState("networkidle");
  await page.getByLabel("Name").fill("Three days on Tarn Halla");
  const first = page.getByLabel("First day");
  const char = (await first.locator("option").allTextContents()).find((own) => own.startsWith("Char"))!;
  await first.selectOption({ label: char });
  await page.getByLabel("Where one sleeps").selectOption({ label: "a tent" });
  await page.getByRole("button", { name: "Make the trip" }).click();
  await page.getByTestId("weakest-day").waitFor();
});
await picture("packing", WIDE, "light", async (page) => {
  await openLek(page);
  await page.getByRole("link", { name: "Pack", exact: true }).click();
  await page.getByTestId("packed").waitFor();
});
await picture("field-card", PHONE, "red", async (page) => {
  await openLek(page);
  await page.getByRole("link", { name: "Card", exact: true }).click();
  await page
    .getByTestId("card-next")
    .filter({ hasText: /Next|Nothing/ })
    .waitFor();
});
async function openKit(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/kit`);
  await page.getByRole("link", { name: "Runa", exact: true }).click();
  await page.getByRole("heading", { name: "Kit of Runa" }).waitFor();
  await page.waitForFunction(() => !document.querySelector("astro-island[ssr]"));
  await page.getByRole("button", { name: /^Mitts, batting/ }).click();
}
await picture("kit", WIDE, "light", openKit);
await picture("live", PHONE, "red", async (page) => {
  await openLek(page);
  await page.goto(`${page.url()}/live`);
  await page.getByTestId("live-left").waitFor();
  await page.getByRole("button", { name: "Try with stand-in loggers" }).click();
  await page.getByText(/(longer|shorter) than the plan/).waitFor();
});
await picture("reach", WIDE, "light", async (page) => {
  await page.goto(`${ADDRESS}/reach`);
  await page.getByText(/cells, each the whole simulation/).waitFor();
  const map = page.getByTestId("reach-map");
  for (const key of [...Array<string>(8).fill("ArrowDown"), ...Array<string>(6).fill("ArrowRight")])
    await map.press(key);
});
await picture("season", WIDE, "light", async (page) => {
  await page.goto(`${ADDRESS}/season`);
  await page.getByRole("button", { name: "Count the season" }).click();
  await page.getByTestId("season-calendar").scrollIntoViewIfNeeded();
});
await picture("door", WIDE, "light", async (page) => {
  await page.goto(ADDRESS);
  await page.getByRole("link", { name: /Grouse lek/ }).click();
  await page.goto(`${page.url()}/door`);
  await page.getByTestId("door-table").waitFor({ timeout: 120_000 });
});
await picture("footwear", WIDE, "light", async (page) => {
  await page.goto(`${ADDRESS}/footwear`);
  await page.getByTestId("toes-last").nth(2).filter({ hasText: /\d/ }).waitFor();
});
await picture("handwear", WIDE, "light", async (page) => {
  await page.goto(`${ADDRESS}/handwear`);
  await page.getByTestId("task-lasts").first().filter({ hasText: /\d/ }).waitFor();
  await page.locator("[aria-busy=false]").first().waitFor();
});
/** Invented notes of the outings of the demonstration, taken back once the picture is there. */
const NOTES = [
  { minutes: 95, ended: "cold", first: "leftToes", parts: { leftToes: { vote: "painful", coldAfterMinutes: 80 } } },
  { minutes: 180, ended: "gameOver", parts: { face: { vote: "cool" }, leftFingers: { vote: "cool" } } },
  { minutes: 85, ended: "cold", first: "rightToes", parts: { rightToes: { vote: "cold", coldAfterMinutes: 70 } } },
];
await picture("logbook", WIDE, "light", async (page) => {
  const outings = (await (await page.request.get(`${ADDRESS}/api/outings`)).json()) as { id: string }[];
  for (const [place, note] of NOTES.entries())
    await page.request.put(`${ADDRESS}/api/outings/${outings[place]!.id}/note`, { data: note });
  await page.goto(`${ADDRESS}/logbook`);
  const who = page.getByLabel("Who");
  if (await who.isVisible()) await who.selectOption({ label: "Runa" });
  await page.getByTestId("learnt-shares").waitFor();
  for (const { id } of outings.slice(0, NOTES.length))
    await page.request.delete(`${ADDRESS}/api/outings/${id}/note`, { headers: { "content-type": "application/json" } });
});
await browser.close();
