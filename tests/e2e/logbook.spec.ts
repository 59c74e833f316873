import { readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { forgetNote, listening, minutesOf, openSheet, settled } from "./sheet";
import { test } from "./test";

type Line = { readonly id: string; readonly startsAt: string };

async function openNote(page: Page): Promise<string> {
  await openSheet(page);
  await settled(page);
  const id = page.url().split("/").at(-1)!;
  await expect // its verdict is kept by the server a moment after the sheet shows its own
    .poll(async () => {
      const lines = (await (await page.request.get("/api/outings")).json()) as { id: string; verdict: unknown }[];
      return lines.find((line) => line.id === id)?.verdict ?? null;
    })
    .not.toBeNull();
  const name = (await page.getByRole("heading", { level: 1 }).textContent())!.split(" Svartmyra")[0]!.trim();
  await page.getByRole("link", { name: "How was it?" }).click();
  await listening(page);
  return name;
}

test("what was felt is told by keyboard, stands in the logbook beside the prediction, is taken along and forgotten", async ({
  page,
}) => {
  const name = await openNote(page);
  await expect(page.getByText(/^Predicted: .+ still, then/)).toBeVisible();
  await page.getByRole("button", { name: "Keep", exact: true }).press("Enter");
  await expect(page.getByRole("alert")).toHaveText(/^Say how long you sat/);
  await page.getByLabel("Sat for").fill("95");
  await page.getByRole("group", { name: "Why it ended" }).getByLabel("the cold").press("Space");
  await page.getByRole("group", { name: "What got cold first" }).getByLabel("left toes").press("Space");
  await page.getByRole("group", { name: "left toes" }).getByLabel("painful").press("Space");
  await page.getByRole("button", { name: "Say when: left toes" }).press("Enter");
  await page.getByLabel("left toes cold after").fill("70");
  await page.getByRole("button", { name: "trunk" }).press("Enter");
  await page.getByLabel("Anything else").fill("The ice sang.");
  await page.getByRole("button", { name: "Keep", exact: true }).press("Enter");
  await expect(page.getByText("Kept in the logbook.")).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(page.getByLabel("left toes cold after")).toHaveValue("70");
  await expect(page.getByRole("img", { name: /left toes: painful, 1 h 10/ })).toBeVisible();
  await page.getByLabel("A photo, if you like").setInputFiles("public/icon-192.png");
  await expect(page.getByRole("img", { name: "Photo of this sit" })).toBeVisible();

  // The sheet goes by the notes, says so, and shows on request what it would say of nobody in particular.
  await page.getByRole("link", { name, exact: true }).click();
  const verdict = page.getByRole("region", { name: "Verdict" });
  await expect(verdict).toContainText("eight cases of ten, by 1 note of yours");
  await settled(page);
  const taught = await minutesOf(page);
  await verdict.getByRole("button", { name: "as nobody in particular" }).press("Enter");
  await expect(verdict).toContainText("for nobody in particular");
  await expect.poll(() => minutesOf(page)).not.toBe(taught);
  await verdict.getByRole("button", { name: "as your notes teach" }).press("Enter");
  await expect.poll(() => minutesOf(page)).toBe(taught);

  await page.goto("/logbook");
  await listening(page);
  await page.getByLabel("Search").fill(name);
  const row = page.getByTestId("logbook-table").getByRole("row", { name });
  await expect(row).toContainText("1 h 35 · the cold · first cold: left toes");
  await expect(row).toContainText(/eight cases of ten: .+/);
  await expect(page.getByRole("img", { name: new RegExp(`${name}: predicted .+, really 1 h 35`) })).toBeVisible();
  await expect(page.getByText(/boot.*: cold 1 of 1 times/i)).toBeVisible();
  await expect(page.getByTestId("learnt-shares").getByRole("listitem")).toHaveText([
    /^toes: cold \d+ % sooner \(eight cases of ten: .+ of the time/,
    /^fingers: /,
    /^whole body: /,
  ]);
  await expect(page.getByTestId("learnt-next").getByRole("listitem").first()).toContainText(/middle .+ by your notes/);
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "As CSV" }).click();
  const text = readFileSync(await (await download).path(), "utf8");
  expect(text).toContain("The ice sang.");
  expect(text.trim().split(/\r?\n/)).toHaveLength(2);

  await row.getByRole("link", { name }).click();
  await listening(page);
  await page.getByRole("button", { name: "Forget this note" }).press("Enter");
  await expect(page.getByText("Forgotten.")).toBeVisible();
  await page.goto("/logbook");
  await expect(page.getByRole("link", { name })).toHaveCount(0);
});

test("years come in from a spreadsheet by keyboard, names of clothes are told once, and none twice", async ({
  page,
}) => {
  const table = [
    "Date;Sat;Air °C;Worn;Why it ended;First cold",
    "2023-01-07;1:45;-12;Down parka, the old coat;the cold;toes",
    "2023-01-14;2:10;;Down parka;the cold;toes",
    "2023-01-21;3 h;-4;Down parka;it was over;",
  ].join("\n");
  await page.goto("/logbook/bring");
  await listening(page);
  await page.getByLabel("Whose sits").selectOption({ label: "Runa" });
  await page.getByLabel("or paste it here").fill(table);
  await expect(page.getByTestId("sits-preview")).toContainText("2 sits can be brought in. 2 of them do not say");
  await page.getByLabel("Worn besides what a row names").selectOption({ index: 1 });
  await page.getByLabel(/^the old coat/).selectOption({ label: "Fleece jacket 200" });
  await expect(page.getByTestId("sits-preview")).toHaveText("2 sits can be brought in.");
  await expect(page.getByText(/line 3: It does not say how cold it was/)).toBeVisible();
  await page.getByRole("button", { name: "Bring in 2 sits" }).press("Enter");
  await expect(page.getByText("2 sits are in the logbook; 0 were there already.")).toBeVisible();
  await page.reload();
  await listening(page);
  await page.getByLabel("Whose sits").selectOption({ label: "Runa" });
  await page.getByLabel("or paste it here").fill(table);
  await expect(page.getByLabel(/^the old coat/).locator("option:checked")).toHaveText("Fleece jacket 200"); // remembered
  await page.getByRole("button", { name: "Bring in 2 sits" }).press("Enter");
  await expect(page.getByText("0 sits are in the logbook; 2 were there already.")).toBeVisible();
  await page.getByRole("link", { name: "Logbook", exact: true }).last().click();
  await listening(page);
  await expect(
    page
      .getByTestId("logbook-table")
      .getByText(/being computed|computed afterwards/)
      .first(),
  ).toBeVisible();
  for (const { id, startsAt } of (await (await page.request.get("/api/outings")).json()) as Line[])
    if (startsAt.startsWith("2023")) await forgetNote(page, id);
});

test.describe("without a network", () => {
  test.use({ serviceWorkers: "allow" });
  test("a note is kept in the browser and sent once there is one", async ({ page, context }) => {
    await openSheet(page);
    await settled(page);
    await page.getByRole("link", { name: "Card" }).click();
    // A card that is still being recomputed comes by itself; it is kept as it is loaded next.
    await expect(page.getByRole("link", { name: "How long it really was, and what got cold" })).toBeVisible();
    await page.reload();
    await expect(page.locator("html[data-offline=kept]")).toHaveCount(1);
    await context.setOffline(true);
    await page.getByRole("link", { name: "How long it really was, and what got cold" }).click();
    await listening(page);
    await page.getByLabel("Sat for").fill("80");
    await page.getByRole("button", { name: "Keep", exact: true }).click();
    await expect(page.getByText("Kept in this browser; it is sent when the server answers again.")).toBeVisible();
    await page
      .getByLabel("A photo, if you like")
      .setInputFiles({ name: "ice.png", mimeType: "image/png", buffer: readFileSync("public/icon-192.png") });
    await expect(page.getByRole("img", { name: "Photo of this sit" })).toBeVisible();
    await context.setOffline(false);
    const id = /outings\/([^/]+)\//.exec(page.url())![1]!;
    await expect
      .poll(async () => (await (await page.request.get(`/api/outings/${id}/note`)).json()) as object | null)
      .toMatchObject({ minutes: 80 });
    await expect.poll(async () => (await page.request.get(`/api/outings/${id}/note/photo`)).status()).toBe(200);
    await forgetNote(page, id);
  });
});
