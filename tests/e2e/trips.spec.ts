import { expect, type Page } from "@playwright/test";
import { violations } from "./accessibility";
import { listening } from "./sheet";
import { openKit, ownCopy } from "./kit";
import { test } from "./test";

/** A trip of three days on the ice, in a tent; its further days are taken away again by `forgetDays`. */
async function makeTrip(page: Page, name: string): Promise<void> {
  await page.goto("/trips");
  await listening(page);
  await page.getByLabel("Name").fill(name);
  const days = page.getByLabel("First day");
  await days.selectOption({
    label: (await days.locator("option").allTextContents()).find((own) => /^Char through/.test(own))!,
  });
  await page.getByLabel("Where one sleeps").selectOption({ label: "a tent" });
  await page.getByRole("button", { name: "Make the trip" }).press("Enter");
  await expect(page.getByRole("heading", { name })).toBeVisible();
}

/** Opens the trip that the demo has. */
async function openDemoTrip(page: Page): Promise<void> {
  await page.goto("/trips");
  await page.getByRole("link", { name: "Three days at Tarn Halla" }).click();
  await expect(page.getByTestId("weakest-day")).toBeVisible();
}

async function forgetDays(page: Page): Promise<void> {
  for (const { id, name } of (await (await page.request.get("/api/outings")).json()) as { id: string; name: string }[])
    if (/, day \d$/.test(name))
      await page.request.delete(`/api/outings/${id}`, { headers: { "content-type": "application/json" } });
}

test("a trip is made of one outing by keyboard; a night in a house dries what a tent does not, and is taken back", async ({
  page,
}) => {
  await page.goto("/trips");
  await listening(page);
  await page.getByRole("button", { name: "Make the trip" }).press("Enter");
  await expect(page.getByRole("alert")).toHaveText("Give the trip a name.");
  await makeTrip(page, "Three days on the ice");
  const table = page.getByTestId("trip-table");
  const sock = table.getByRole("row", { name: /wool sock/ });
  await expect(sock.getByRole("cell").nth(1)).toContainText(/morning: damp, \d+ g/);
  await page
    .getByRole("group", { name: /^after Sat/ })
    .getByLabel("Where one sleeps")
    .selectOption({ label: "a house" });
  await expect(sock.getByRole("cell").nth(1)).toContainText("morning: dry, 0 g");
  await expect(sock.getByRole("cell").nth(2)).toContainText(/morning: damp/);
  await page.getByRole("button", { name: "Undo" }).press("Enter");
  await expect(sock.getByRole("cell").nth(1)).toContainText(/morning: damp/);
  await page.getByLabel("Heavy wool sock, 3.5 mm, night 1").selectOption({ label: "in the sleeping bag" });
  await expect(sock.getByRole("cell").nth(1)).toContainText("morning: dry");

  // What is brought, and what could stay at home; what is left there is missing on every day, and comes back by undo.
  await page.getByLabel("a limit of mass").check();
  await page.getByLabel("what one travels in counts").check();
  const most = page.getByLabel("At most");
  await most.fill("8");
  await most.press("Tab");
  await expect(page.getByTestId("trip-bag")).toContainText("Over its limit.");
  await page.getByRole("button", { name: "What could stay at home" }).press("Enter");
  await expect(page.getByTestId("what-to-leave")).toContainText("To be within the limit leave");
  await page.getByRole("button", { name: "Leave them at home" }).press("Enter");
  await expect(page.getByTestId("trip-bag")).toContainText("Within its limit.");
  await page.getByRole("button", { name: "Undo" }).press("Enter");
  await expect(page.getByTestId("trip-bag")).toContainText("Over its limit.");

  // Packs are counted: the third day has none.
  await page.getByLabel("count Toe packs, a pair").check();
  const packs = page.getByLabel("Toe packs, a pair, in all");
  await packs.fill("4");
  await packs.press("Tab");
  await expect(page.getByTestId("trip-sources")).toContainText("0 of 2 wanted opened");

  // A camera with two batteries draws on them until there is mains.
  await page.getByRole("button", { name: "Add a device" }).press("Enter");
  await expect(page.getByTestId("trip-sources").getByRole("row", { name: /^Camera/ })).toContainText(
    "8 of 8 Wh wanted",
  );

  // Another pair of socks: worn in turns.
  await page.getByRole("button", { name: "Find what to wear when" }).press("Enter");
  await expect(page.getByTestId("in-turns")).toContainText(/One more Heavy wool sock.* less damp|Nothing of the kit/);

  await expect(page.getByTestId("trip-saved")).toHaveText("saved");
  await page.reload();
  await expect(sock.getByRole("cell").nth(1)).toContainText("morning: dry"); // it was kept
  await expect(page.getByTestId("trip-sources")).toContainText("0 of 2 wanted opened");

  expect(await violations(page)).toEqual([]);

  // One list of all days, whose ticks are those of each day's own.
  await page.getByRole("link", { name: "Packing list" }).click();
  await listening(page);
  await page.getByLabel("headlamp, with a red light").check();
  await expect(page.getByTestId("trip-packed")).toHaveText(/^1 of/);
  await expect(page.getByTestId("trip-saved")).toHaveText("saved");
  await page.getByRole("link", { name: "Back to the trip" }).click();
  await expect(page.getByTestId("weakest-day")).toBeVisible();
  const sunday = await page
    .getByTestId("trip-table")
    .getByRole("link", { name: /^Sun 14 February/ })
    .getAttribute("href");
  await page.goto(`${sunday}/pack`);
  await expect(page.getByLabel("headlamp, with a red light")).toBeChecked();

  await forgetDays(page);
});

test("a spare pair is worn in turns: by the plan, from a list, and drawn onto a day", async ({ page }) => {
  await openKit(page, "Eskil");
  const spare = await ownCopy(page, "Heavy wool sock, 3.5 mm");
  await makeTrip(page, "Two pairs of socks");
  await page.getByRole("button", { name: "Find what to wear when" }).press("Enter");
  const turns = page.getByTestId("in-turns");
  await expect(turns).toContainText(`${spare} instead of Heavy wool sock, 3.5 mm`);
  await turns.getByRole("button", { name: "Wear it so" }).press("Enter");
  const own = page.getByTestId("trip-table").getByRole("row", { name: spare });
  await expect(own.getByRole("cell").nth(1)).toContainText("evening: damp");
  await page.getByRole("button", { name: "Undo" }).press("Enter");
  await expect(own).toHaveCount(0);

  const sock = page.getByTestId("trip-table").getByRole("row", { name: /^Heavy wool sock/ });
  await sock.getByLabel("Instead of Heavy wool sock, 3.5 mm, day 2").selectOption({ label: spare });
  await expect(own.getByRole("cell").nth(1)).toContainText("evening: damp");
  await expect(own.getByRole("cell").nth(2)).toContainText("not worn");
  await own.getByRole("rowheader").dragTo(sock.getByRole("cell").nth(2));
  await expect(own.getByRole("cell").nth(2)).toContainText("evening: damp");
  await expect(page.getByTestId("trip-saved")).toHaveText("saved");
  await forgetDays(page);
});

test("the demo trip: a sock is washed, a day is dressed as its days before leave the bag, an earlier state comes back", async ({
  page,
}) => {
  await openDemoTrip(page);
  const table = page.getByTestId("trip-table");
  const sock = table.getByRole("row", { name: /^Heavy wool sock/ });
  await expect(sock.getByRole("cell").nth(1)).toContainText(/morning: (damp|wet)/);
  const night = page.getByRole("group", { name: /^after Sat/ });
  await expect(table.getByLabel("Wash Heavy wool sock, 3.5 mm, night 1")).toHaveCount(0);
  await night.getByLabel("washing").check();
  await table.getByLabel("Wash Heavy wool sock, 3.5 mm, night 1").check();
  await expect(sock.getByRole("cell").first()).toContainText(/washed: \d+ g/);
  await expect(page.getByTestId("trip-saved")).toHaveText("saved");

  await page.getByText("Earlier states").click();
  const past = page.getByTestId("trip-past").getByRole("listitem");
  await expect(past.last()).toContainText("before a change of: Nights");
  await past.last().getByRole("button").press("Enter");
  await expect(table.getByLabel("Wash Heavy wool sock, 3.5 mm, night 1")).toHaveCount(0);
  await expect(page.getByTestId("trip-saved")).toHaveText("saved");

  await page.getByRole("link", { name: "Dress me: Sun 14 February" }).click();
  await listening(page);
  await page.getByRole("button", { name: "Dress me" }).press("Enter");
  await expect(page.getByTestId("ready-of-trip")).toContainText(/Heavy wool sock, 3.5 mm: \d+ g of water in it/);
  await page.getByRole("button", { name: "That is enough" }).press("Enter");
});

test.describe("without a network", () => {
  test.use({ serviceWorkers: "allow" });
  test("the trip and the card of each day are there, and what is edited meanwhile is saved later", async ({
    page,
    context,
  }) => {
    await openDemoTrip(page);
    await expect(page.locator("html[data-offline=kept]")).toHaveCount(1);
    const url = page.url();
    const card = page.getByRole("link", { name: /^Sun 14 February.*Eskil/ });
    await context.setOffline(true);
    const group = page.getByRole("group", { name: /^after Sat/ });
    await group.getByLabel("a drier for boots").check();
    await expect(page.getByRole("alert")).toContainText("The server cannot be reached");
    await page.reload();
    await listening(page);
    await expect(group.getByLabel("a drier for boots")).toBeChecked(); // kept in the browser
    await expect(page.getByTestId("weakest-day")).toBeVisible();
    await card.click();
    await expect(page.getByTestId("turn-back")).toHaveText(/Turn back \d\d:\d\d/);
    await page.goto(url);
    await expect(group.getByLabel("a drier for boots")).toBeChecked();
    await context.setOffline(false);
    await expect(page.getByTestId("trip-saved")).toHaveText("saved");
    await page.reload();
    await expect(group.getByLabel("a drier for boots")).toBeChecked();
    await group.getByLabel("a drier for boots").uncheck();
    await expect(page.getByTestId("trip-saved")).toHaveText("saved");
  });
});
