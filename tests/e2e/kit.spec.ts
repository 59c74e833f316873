import { violations } from "./accessibility";
import { readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";
import { listedCount, openKit, ownCopy, pieceRegion as piece, piecesList as list } from "./kit";
import { test } from "./test";

const rows = (page: Page) => list(page).getByRole("checkbox", { name: /^Select / });

test("a piece is found, its reading follows its label, it is kept and survives a reload", async ({ page }) => {
  await openKit(page);
  const fleece = await ownCopy(page, "Fleece jacket 200");
  const all = await rows(page).count();
  await page.getByLabel("Search names and notes").fill(fleece.toUpperCase());
  await expect(rows(page)).toHaveCount(1);
  await page.getByLabel("Search names and notes").fill("");
  await page.getByText("Only what is …").click();
  await page.getByLabel("windproof", { exact: true }).check();
  await expect.poll(() => rows(page).count()).toBeLessThan(all);
  await page.getByLabel("windproof", { exact: true }).uncheck();
  await list(page).getByRole("button", { name: fleece, exact: true }).click();
  const reading = piece(page).getByRole("region", { name: "What the label comes to" });
  await expect(reading.getByText("0.68", { exact: true })).toBeVisible();
  await piece(page).getByLabel("Printed").first().fill("300");
  await expect(reading.getByText("1.02", { exact: true })).toBeVisible();
  await piece(page).getByLabel("Mass, g").fill("much");
  await expect(piece(page).getByRole("alert")).toContainText("Give a number");
  await piece(page).getByLabel("Mass, g").fill("560");
  await piece(page).getByRole("button", { name: "Keep" }).click();
  await expect(piece(page).getByText("Kept.")).toBeVisible();
  await page.reload();
  await list(page).getByRole("button", { name: fleece, exact: true }).click();
  await expect(piece(page).getByLabel("Mass, g")).toHaveValue("560");
});

test("eight pieces by keyboard alone; retired, taken back, deleted and undeleted", async ({ page }) => {
  await openKit(page, "Eskil");
  const count = () => listedCount(page);
  const before = await count();
  await page.getByRole("button", { name: "Add …" }).focus();
  await page.keyboard.press("Enter");
  const dialog = page.getByRole("dialog", { name: "Add to the kit" });
  await dialog.getByLabel("What it is").focus();
  for (let added = 1; added < 8; added++) {
    await page.keyboard.press("ArrowDown");
    await dialog.getByRole("button", { name: "Add it, and another" }).focus();
    await page.keyboard.press("Enter");
    await expect.poll(count).toBe(before + added);
    await dialog.getByLabel("What it is").focus();
  }
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  await expect.poll(count).toBe(before + 8);
  await expect(piece(page).getByRole("heading", { level: 2 })).toBeVisible();
  const first = list(page)
    .getByRole("checkbox", { name: /^Select / })
    .first();
  await first.focus();
  await page.keyboard.press("Space");
  await page.getByRole("button", { name: "Retire" }).click();
  await expect.poll(count).toBe(before + 7);
  await page.getByRole("button", { name: "Take back" }).click();
  await expect.poll(count).toBe(before + 8);
  const gone = list(page)
    .getByRole("checkbox", { name: /^Select / })
    .first();
  const deleted = (await gone.getAttribute("aria-label")) ?? "";
  const listed = () => list(page).getByRole("checkbox", { name: deleted, exact: true }).count();
  const named = await listed();
  await gone.check();
  await page.getByRole("button", { name: "Delete" }).click();
  await expect.poll(count).toBe(before + 7);
  expect(await listed()).toBe(named - 1);
  await page.reload();
  await page.getByText("Only what is …").click();
  await page.getByLabel("also deleted").check();
  await expect.poll(listed).toBe(named);
});

test("the kit goes out as a table and pieces come in, bad rows named", async ({ page }) => {
  await openKit(page);
  await page.getByRole("button", { name: "Take along …" }).click();
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "As a table (CSV)" }).click(),
  ]);
  const text = readFileSync((await download.path())!, "utf8");
  expect(text).toContain("Down parka");
  const [whole] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "As JSON, with everything" }).click(),
  ]);
  await page.getByRole("button", { name: "Close" }).click();
  await page.getByRole("button", { name: "Add …" }).click();
  await page.getByText("my list or spreadsheet").click();
  await page.getByLabel("or paste it here").fill(readFileSync((await whole.path())!, "utf8"));
  await expect(page.getByTestId("kit-preview")).toHaveText(/^\d+ pieces can be read\.$/);
  await page
    .getByLabel("or paste it here")
    .fill(
      "name;kind;face;material;thicknessMm;patches\nFelt insole <b>;footbed;open;felt;6,5;sole\nBad;footbed;open;felt;thick;sole",
    );
  await expect(page.getByTestId("kit-preview")).toHaveText("1 piece can be read, 1 cannot.");
  await expect(page.getByRole("list", { name: "What cannot be read" })).toContainText("line 3");
  await page.getByRole("button", { name: "Add 1 to the kit" }).click();
  await expect(list(page).getByRole("button", { name: "Felt insole <b>" })).toBeVisible();
});

test("a workbook of one's own is understood, asked of where words do not tell, and remembered", async ({ page }) => {
  await openKit(page, "Eskil");
  const before = await listedCount(page);
  const dialog = page.getByRole("dialog", { name: "Add to the kit" });
  const openList = async () => {
    await page.getByRole("button", { name: "Add …" }).click();
    await page.getByText("my list or spreadsheet").click();
  };
  await openList();
  await dialog.getByLabel("A file").setInputFiles("tests/spreadsheets/kit/23-sheet.xlsx");
  await expect(dialog.getByTestId("list-preview")).toHaveText("5 pieces can be added.");
  await expect(dialog.getByRole("row", { name: /Neoprenhansker/ })).toContainText("140 g");
  await dialog.getByRole("checkbox", { name: "Add Varmesokker" }).uncheck();
  await dialog.getByRole("button", { name: "Add 4 to the kit" }).click();
  await expect.poll(() => listedCount(page)).toBe(before + 4);
  await openList();
  const odd = readFileSync("tests/spreadsheets/kit/19-what-nobody-can-tell.csv", "utf8");
  await dialog.getByLabel("or paste it here").fill(odd);
  await expect(dialog.getByTestId("list-preview")).toContainText("1 piece can be added, 3 wait for you");
  await dialog.getByLabel("What The blue one is").selectOption("fleeceJacket");
  await dialog.getByRole("button", { name: "Add 2 to the kit" }).click();
  await expect.poll(() => listedCount(page)).toBe(before + 6);
  await expect(list(page).getByRole("button", { name: "The blue one" })).toBeVisible();
  await openList();
  await dialog.getByLabel("or paste it here").fill("name,weight\nThe blue one,310 g");
  await expect(dialog.getByLabel("What The blue one is")).toHaveValue("fleeceJacket");
  await expect(dialog.getByTestId("list-preview")).toHaveText("1 piece can be added.");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "Add …" })).toBeFocused();
});

test("three boots on a metal platform at -12 for four hours; at 0 the tight third sock loses minutes", async ({
  page,
}) => {
  await page.goto("/footwear");
  const feet = (index: number) => page.getByRole("region", { name: `Feet ${index}` });
  await expect(feet(3).getByTestId("toes-last")).toHaveText(/\d/);
  await page.getByLabel("Air", { exact: true }).fill("-12");
  await page.getByLabel("For", { exact: true }).fill("4");
  await page.getByLabel("Feet and seat rest on").selectOption("metal");
  for (const [place, boot] of ["Laced boot", "Heavy boot", "Knee boot"].entries()) {
    const choice = feet(place + 1).getByLabel("Boot");
    const option = await choice.locator("option").filter({ hasText: boot }).first().getAttribute("value");
    await choice.selectOption(option);
  }
  const minutes = async (index: number): Promise<number> => {
    const text = await feet(index).getByTestId("toes-last").innerText();
    const [, hours = "0", rest = "0"] = /(?:(\d+) h )?(\d+)/.exec(text) ?? [];
    return Number(hours) * 60 + Number(rest);
  };
  const settled = () => expect(page.getByTestId("columns")).toHaveAttribute("aria-busy", "false");
  await settled();
  expect(await minutes(2)).toBeGreaterThan(await minutes(3));
  await expect(page.getByRole("region", { name: "In figures" })).toContainText("fits:");
  const third = feet(1).getByLabel("Sock 3");
  await third.selectOption({ label: "Heavy wool sock, 3.5 mm (generic)" });
  await expect(page.getByRole("region", { name: "In figures" })).toContainText(/Being tight costs \d/);
  await third.selectOption({ index: 0 });
  await settled();
  const inDeepCold = await minutes(1);
  await page.getByLabel("Air", { exact: true }).fill("0");
  await expect.poll(() => minutes(1)).toBeGreaterThan(inDeepCold);
  await settled();
  const two = await minutes(1);
  await third.selectOption({ label: "Heavy wool sock, 3.5 mm (generic)" });
  await expect.poll(() => minutes(1)).toBeLessThan(two);
});

test("pieces stand side by side: in wind, grams and money, with reasons in words", async ({ page }) => {
  await openKit(page);
  for (const name of ["Fleece jacket 200", "Down parka, 700 fill, 300 g"]) {
    await list(page)
      .getByRole("checkbox", { name: `Select ${name}` })
      .check();
  }
  await page.getByRole("button", { name: "Side by side" }).click();
  const dialog = page.getByRole("dialog", { name: "Side by side" });
  await expect(dialog.getByRole("list", { name: "How they stand to each other" })).toContainText(
    /Down parka.* is warmer than Fleece jacket 200 at the chest/,
  );
  await expect(dialog.getByRole("region", { name: "Compared in figures" })).toContainText("200 g/m²");
  await expect(dialog.getByTestId("in-outfit")).toHaveText([/\d.*, then |longer/, /\d.*, then |longer/]);
  expect(await violations(page, { within: "dialog" })).toEqual([]);
});

test("a photo is drawn again and kept; a file that is no picture is refused and nothing lost", async ({ page }) => {
  await openKit(page);
  const tube = await ownCopy(page, "Wool tube");
  await list(page).getByRole("button", { name: tube, exact: true }).click();
  const file = piece(page).getByLabel("Photo, if you like");
  await file.setInputFiles({ name: "x.png", mimeType: "image/png", buffer: Buffer.from("<svg onload=alert(1)>") });
  await expect(piece(page).getByRole("alert")).toContainText("no picture the browser can read");
  const PIXEL = "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==";
  await file.setInputFiles({ name: "tube.png", mimeType: "image/png", buffer: Buffer.from(PIXEL, "base64") });
  const photo = piece(page).getByAltText(`Photo of ${tube}`);
  await expect(photo).toBeVisible();
  // It stands there before its bytes have come.
  await expect.poll(() => photo.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(1);
  await piece(page).getByRole("button", { name: "Take the photo away" }).click();
  await expect(photo).toHaveCount(0);
});
