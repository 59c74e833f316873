import { expect } from "@playwright/test";
import { listedCount, openKit, pieceRegion, piecesList } from "./kit";
import { listening, openSheet } from "./sheet";
import { test } from "./test";

test("gloves and mitts side by side: a liner left on lasts longer at fine work than the bare hand", async ({
  page,
}) => {
  await page.goto("/handwear");
  const hands = (index: number) => page.getByRole("region", { name: `Hands ${index}` });
  await expect(hands(1).getByTestId("task-lasts")).toHaveText(/\d/);
  await page.getByLabel("Air", { exact: true }).fill("-10");
  const choose = async (index: number, layers: readonly string[]): Promise<void> => {
    for (const [at, name] of layers.entries()) {
      const choice = hands(index).getByRole("combobox").nth(at);
      await choice.selectOption(name === "" ? "" : { label: `${name} (generic)` });
    }
  };
  await choose(1, ["Fleece gloves 150", "Long mitts, batting 300"]);
  await choose(2, ["Long mitts, batting 300"]);
  const figures = page.getByRole("region", { name: "In figures" });
  await expect(figures).toContainText("without Long mitts, batting 300");
  const minutes = async (index: number): Promise<number> =>
    Number(/(\d+) min/.exec(await hands(index).getByTestId("task-lasts").innerText())?.[1] ?? NaN);
  await expect(page.getByTestId("columns")).toHaveAttribute("aria-busy", "false");
  expect(await minutes(1)).toBeGreaterThan(await minutes(2));
  await page.getByLabel("The working hand has to").selectOption({ label: "grip a handle or a rod" });
  await expect.poll(() => minutes(2)).toBeGreaterThan(5);
});

test("an outfit is kept by name and worn again, with what was there to be restored", async ({ page }) => {
  await openSheet(page);
  const bars = page.getByRole("button", { name: /^Trunk: / });
  const before = await bars.count();
  await page.getByRole("button", { name: "Add clothes" }).click();
  await page.getByRole("button", { name: "Outfits" }).click();
  await page.getByRole("button", { name: "Keep outfit" }).click();
  await expect(page.getByRole("alert")).toContainText("Give the outfit a name");
  await page.getByLabel("Keep what is worn in the sit as").fill("Hide in frost");
  await page.getByRole("button", { name: "Keep outfit" }).click();
  await expect(page.getByText("Hide in frost is kept.")).toBeVisible();
  const besides = page.getByRole("region", { name: "Outfits side by side" });
  await expect(besides.getByRole("row", { name: /^Minutes still here/ })).toHaveText(/\d.*\d/);
  await expect(besides.getByRole("row", { name: /toes/ })).toHaveText(/\d\.\d\d/);
  await page.getByRole("button", { name: "The same as last time" }).click();
  await expect(page.getByText(/You wear the same as for /)).toBeVisible();
  await page.getByRole("button", { name: "Hide in frost", exact: true }).click();
  await expect(page.getByText("You wear Hide in frost now.")).toBeVisible();
  await page.getByRole("button", { name: /^Forget/ }).click();
  await expect(page.getByText("Hide in frost is forgotten.")).toBeVisible();
  await page.getByRole("button", { name: "Close" }).first().click();
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(bars).toHaveCount(before);
});

test("a whole generic kit; a panel given another material; care done; a mass that cannot be", async ({ page }) => {
  await openKit(page, "Eskil");
  const count = () => listedCount(page);
  const before = await count();
  await page.getByRole("button", { name: "Add …" }).click();
  await page.getByText("a whole generic kit").click();
  await page.getByLabel("A whole generic kit", { exact: true }).selectOption({ label: "Child" });
  await page.getByRole("button", { name: /^Add all \d+/ }).click();
  await expect.poll(count).toBeGreaterThan(before);
  await page.getByLabel("Search names and notes").fill("child's");
  await piecesList(page).getByRole("button", { name: "Wool base 200, top, child's" }).click();
  const piece = pieceRegion(page);
  await piece.getByLabel("Mass, g").fill("900");
  await expect(piece.getByText(/By its grams it should weigh about \d+ g/)).toBeVisible();
  await piece.getByLabel("Mass, g").fill("210");
  await expect(piece.getByText(/By its grams it should weigh/)).toHaveCount(0);
  const reading = piece.getByRole("region", { name: "What the label comes to" });
  await expect(reading.getByText("0.16", { exact: true })).toBeVisible();
  await piece.getByLabel("Another material outside it").first().selectOption({ label: "fleece 200 g/m²" });
  await expect(reading.getByText("0.84", { exact: true })).toBeVisible();
  await piece
    .getByRole("region", { name: "Care" })
    .getByRole("button", { name: /^Done ?: Wash as its label says/ })
    .click();
  await piece.getByRole("button", { name: "Keep" }).click();
  await expect(piece.getByText("Kept.")).toBeVisible();
  await expect(piece.getByRole("region", { name: "Care" })).toContainText(/in 4 wears, last 20\d\d-/);
});

test("what a person avoids is kept, and said in minutes with what stands in for it", async ({ page }) => {
  await openSheet(page);
  await page.getByText("What Runa avoids").click();
  await page.getByLabel("anything of animals").check();
  await expect(page.getByTestId("avoided-cost")).toContainText(/Without it the sit lasts .*\d.* instead of .*\d/);
  await expect(page.getByText(/ instead of Heavy wool base 350, top/)).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(page.getByLabel("anything of animals")).toBeChecked();
  await page.getByLabel("anything of animals").uncheck();
  await expect(page.getByTestId("avoided-cost")).toHaveCount(0);
});

test("loft is pinched and taken for wear; many pieces are called worn at once", async ({ page }) => {
  await openKit(page);
  await piecesList(page).getByRole("button", { name: "Parka, batting 170 · 130 · 100" }).click();
  const piece = pieceRegion(page);
  await expect(piece.getByLabel("Worn", { exact: true })).toHaveValue("new");
  await piece.getByLabel("Pinched now, mm").fill("10");
  await piece.getByRole("button", { name: "Take it so" }).click();
  await expect(piece.getByLabel("Worn", { exact: true })).toHaveValue("muchUsed");
  for (const name of ["Shell trousers, membrane", "Soft shell jacket"]) {
    await page.getByRole("checkbox", { name: `Select ${name}` }).check();
  }
  await page.getByLabel("Worn").first().selectOption("used");
  await expect(page.getByText(/^\d+ listed/)).toBeVisible();
  await piecesList(page).getByRole("button", { name: "Soft shell jacket", exact: true }).click();
  await expect(piece.getByLabel("Worn", { exact: true })).toHaveValue("used");
});
