import { expect, type Page } from "@playwright/test";
import { LEK, listening, minutesOf, openSheet, saved } from "./sheet";
import { test } from "./test";

/** Counts what a person does by hand: presses, choices, typing into a field. */
function byHand(page: Page) {
  let actions = 0;
  const count = async (work: Promise<unknown>): Promise<void> => {
    actions++;
    await work;
  };
  return {
    press: (name: string | RegExp) => count(page.getByRole("button", { name }).first().click()),
    take: (name: string) => count(page.getByText(name, { exact: true }).click()),
    follow: (name: string) => count(page.getByRole("link", { name }).click()),
    choose: (label: string, option: string) => count(page.getByLabel(label, { exact: true }).selectOption(option)),
    type: (label: RegExp, text: string) => count(page.getByLabel(label).fill(text)),
    actions: () => actions,
  };
}

test("from nothing to a verdict with own clothes in 30 actions by mouse", async ({ page }) => {
  await page.goto("/");
  const hand = byHand(page);
  await hand.follow("Plan an outing");
  await hand.take("somebody new …");
  await hand.type(/^Name$/, "Tove");
  await hand.take("a new place …");
  await hand.type(/^Name of the place/, "Eskelund, high seat");
  await hand.take("low and high, as a forecast's line has it");
  await hand.type(/^Low$/, "-9");
  await hand.take("nothing yet");
  await hand.press("Make the sheet");
  await expect(page.getByRole("heading", { name: /Eskelund/ })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Put something on first" })).toBeVisible();
  await hand.press("Piece by piece");
  const pieces = ["Long wool hat", "Windproof face mask", "Wool base 200, top", "Fleece jacket 200", "Down parka"];
  for (const piece of [...pieces, "Wool base 200, legs", "Insulated bib", "Heavy wool sock", "Mitts, batting 200"]) {
    await hand.press(new RegExp(`^${piece}`));
    await expect(page.getByRole("button", { name: new RegExp(`^${piece}.*on the sheet`) })).toBeVisible();
  }
  await hand.press("Type my own");
  await hand.choose("What it is", "bootsInsulated");
  await hand.type(/^Insulation/, "800");
  await hand.press(/^Add$/);
  await expect(page.getByText("is in the kit and on the sheet")).toBeVisible();
  await hand.press("Close");
  await expect(page.getByTestId("minutes-still")).toBeVisible();
  await expect.poll(() => minutesOf(page)).toBeGreaterThan(5);
  await expect(page.getByRole("button", { name: /^Feet: Boots, insulated 800/ })).toBeVisible();
  await expect(saved(page)).toBeVisible();
  expect(hand.actions()).toBeLessThanOrEqual(30);
});

test("own pieces one after the other by keyboard alone", async ({ page }) => {
  await openSheet(page);
  await listening(page);
  const tabTo = async (role: "button" | "combobox", name: RegExp): Promise<void> => {
    const wanted = page.getByRole(role, { name }).first();
    for (let step = 0; step < 60; step++) {
      if (await wanted.evaluate((element) => element === document.activeElement)) return;
      await page.keyboard.press("Tab");
    }
    throw new Error(`Tab never came to ${name}`);
  };
  await tabTo("button", /Add clothes/);
  await page.keyboard.press("Enter");
  await tabTo("button", /Type my own/);
  await page.keyboard.press("Enter");
  await tabTo("combobox", /What it is/);
  const before = Number(/^(\d+) on/.exec(await page.getByText(/^\d+ on the sheet/).innerText())![1]);
  const own = ["Hat", "Base layer, top", "Fleece jacket", "Down jacket", "Socks", "Boots, felt", "Mitts"];
  for (const [place, piece] of own.entries()) {
    await page.keyboard.type(piece);
    await page.keyboard.press("Tab");
    await page.keyboard.press("Enter");
    await expect(page.getByText(`${before + place + 1} on the sheet`)).toBeVisible();
    await expect(page.getByRole("combobox", { name: "What it is" })).toBeFocused();
    await page.waitForTimeout(1100); // the browser forgets the letters typed before
  }
  await page.keyboard.press("Escape");
  const mitts = page.getByRole("button", { name: /^Hands: Mitts, insulated/ });
  await expect(mitts).toBeVisible();
  await mitts.focus();
  const label = await mitts.getAttribute("aria-label");
  await page.keyboard.press("ArrowRight");
  await expect(mitts).not.toHaveAttribute("aria-label", label!);
  await page.keyboard.press("Control+z");
  await expect(mitts).toHaveAttribute("aria-label", label!);
  await expect(saved(page)).toBeVisible();
});

test("a change is tried as a second curve, kept, taken back, and all of it survives a reload", async ({ page }) => {
  await openSheet(page);
  const before = await minutesOf(page);
  const list = page.getByRole("region", { name: "What buys minutes" });
  await list.getByRole("button", { name: /^Try:/ }).first().click();
  await expect(list.getByRole("button", { name: "Keep" })).toBeVisible();
  expect(await minutesOf(page)).toBe(before);
  await list.getByRole("button", { name: "Keep" }).click();
  await expect.poll(() => minutesOf(page)).toBeGreaterThan(before);
  const kept = await minutesOf(page);
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect.poll(() => minutesOf(page)).toBe(kept);
  await page.getByRole("button", { name: "Undo keep a change" }).click();
  await expect.poll(() => minutesOf(page)).toBe(before);
  await page.getByRole("button", { name: "Redo keep a change" }).click();
  await expect.poll(() => minutesOf(page)).toBe(kept);
  await page.keyboard.press("Control+z");
  await expect.poll(() => minutesOf(page)).toBe(before);
  await expect(saved(page)).toBeVisible();
});

test("a pad nobody owned is tried, kept and in the kit; the hint is put away for good", async ({ page }) => {
  await openSheet(page, "Char through the ice");
  await page.getByRole("button", { name: "Put away" }).click();
  const list = page.getByRole("region", { name: "What buys minutes" });
  await list.getByRole("button", { name: /^Show all/ }).click();
  await list.getByRole("button", { name: /^Try: A foam pad of 15 mm under the feet/ }).click();
  await list.getByRole("button", { name: "Keep" }).click();
  await expect(page.getByRole("button", { name: /^Under: 15 mm foam pad/ })).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByRole("button", { name: /^Under: 15 mm foam pad/ })).toBeVisible();
  await expect(page.getByRole("button", { name: "Put away" })).toHaveCount(0);
});

test("weather is pasted, looked at, and taken; bad rows are named", async ({ page }) => {
  await openSheet(page, "Char through the ice");
  await page.getByRole("button", { name: "Weather", exact: true }).click();
  await page.getByRole("button", { name: "Paste or read a file" }).click();
  const rows = [
    "time,airTemperatureC,windMPerS",
    "2027-02-13 08:00,-20,6",
    "2027-02-13 10:00,abc,6",
    "2027-02-13 12:30,-18,7",
  ];
  await page.getByLabel("Paste hours").fill(rows.join("\n"));
  await expect(page.getByRole("alert")).toContainText("line 3: airTemperatureC is no number: abc");
  await expect(page.getByLabel("Hours read").getByRole("listitem")).toHaveCount(2);
  await page.getByRole("button", { name: "Take these 2 hours" }).click();
  await expect(page.getByRole("button", { name: /^Hour 12:30: −18 °C, wind 7 m\/s/ })).toBeVisible();
  await page.getByRole("button", { name: "Undo import weather" }).click();
  await expect(page.getByRole("button", { name: /^Hour 11:00/ })).toBeVisible();
});

test("a day known by low and high is shaped and says so", async ({ page }) => {
  await openSheet(page, "Sea-bird count");
  await page.getByRole("button", { name: "Weather", exact: true }).click();
  await page.getByRole("button", { name: "Only low and high are known" }).click();
  await page.getByLabel("Low", { exact: true }).fill("-14");
  await page.getByRole("button", { name: "Shape the hours" }).click();
  await page.getByRole("button", { name: "Weather", exact: true }).click();
  await page.getByRole("button", { name: "Hour by hour" }).click();
  await expect(page.getByText("shaped from a low and a high")).toBeVisible();
  await page.getByRole("button", { name: "Close" }).click();
  await page.getByRole("button", { name: "Undo shape the day" }).click();
});

/** Drags from a part of a box by pixels. */
async function drag(page: Page, name: RegExp, at: number, byX: number, byY = 0): Promise<void> {
  const box = (await page.getByRole("button", { name }).first().boundingBox())!;
  await page.mouse.move(box.x + box.width * at, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * at + byX / 2, box.y + box.height / 2 + byY / 2);
  await page.mouse.move(box.x + box.width * at + byX, box.y + box.height / 2 + byY);
  await page.mouse.up();
}

test("bars, phases and hours are dragged, each drag one step of undo", async ({ page }) => {
  await openSheet(page);
  const bar = page.getByRole("button", { name: /^Head: Long wool hat/ });
  const worn = await bar.getAttribute("aria-label");
  await drag(page, /^Head: Long wool hat/, 0.004, 80);
  await expect(bar).not.toHaveAttribute("aria-label", worn!);
  expect((await bar.getAttribute("aria-label"))!.slice(-5)).toBe(worn!.slice(-5)); // off when it was
  await page.keyboard.press("Control+z");
  await expect(bar).toHaveAttribute("aria-label", worn!);

  const hour = page.getByRole("button", { name: /^Hour 07:00/ });
  const weather = await hour.getAttribute("aria-label");
  const before = await minutesOf(page);
  await drag(page, /^Hour 06:00/, 0.5, 0, 40);
  await drag(page, /^Hour 07:00/, 0.5, 0, 40);
  await expect(hour).not.toHaveAttribute("aria-label", weather!);
  await expect.poll(() => minutesOf(page)).toBeLessThan(before);
  await page.keyboard.press("Control+z");
  await expect(hour).toHaveAttribute("aria-label", weather!);
  await page.keyboard.press("Control+z");
  await expect.poll(() => minutesOf(page)).toBe(before);
});

test("phases are split, tasks and sits added, efforts chosen in words", async ({ page }) => {
  await openSheet(page, LEK);
  await page.getByRole("button", { name: /^Phase 3, sit/ }).click();
  await page.getByRole("button", { name: "Split in two" }).click();
  await expect(page.getByRole("button", { name: /^Phase 4, sit/ })).toBeVisible();
  await page.getByRole("button", { name: "Add a task with the hands" }).click();
  await expect(page.getByText("Task 4 min, every 40 min")).toBeVisible();
  await page.getByRole("combobox", { name: "Effort" }).selectOption("stretching");
  await expect(page.getByText(/Heat made: \d+ W on the mean/)).toBeVisible();
  await page.getByRole("button", { name: "Another sit after this" }).click();
  await expect(page.getByRole("button", { name: /^Phase 4, sit: 1 h 00/ })).toBeVisible();
  for (let step = 0; step < 4; step++) await page.keyboard.press("Control+z");
  await expect(page.getByRole("button", { name: /^Phase 4, task/ })).toBeVisible();
});

test("what cannot be worn is marked with the way out", async ({ page }) => {
  await openSheet(page);
  const trousers = page.getByRole("button", { name: /^Legs: Walking trousers/ });
  await trousers.focus();
  await page.keyboard.press("ArrowRight");
  await expect(trousers).toHaveAttribute("aria-label", /Problem: does not open over boots/);
  await trousers.click();
  await expect(page.getByRole("alert")).toContainText("Put it on before the boots");
  await page.keyboard.press("Control+z");
});

test("the sitter tells a part's state, the day plays, the heat of the minute adds up", async ({ page }) => {
  await openSheet(page);
  await page
    .getByRole("img", { name: /^right toes/ })
    .first()
    .focus();
  await expect(page.getByTestId("pointed-part")).toContainText(/right toes .* °C, .* clo to the air, loses/);
  const heat = page.getByRole("region", { name: "Heat of the minute" });
  await expect(heat).toContainText(/made at rest and by work \d+ W/);
  const watts = async (words: string): Promise<number> => {
    const line = (await heat.getByText(new RegExp(`^${words}:`)).textContent()) ?? "";
    return [...line.matchAll(/(\d+) W/g)].reduce((sum, [, value]) => sum + Number(value), 0);
  };
  expect(Math.abs((await watts("From")) - (await watts("To")))).toBeLessThanOrEqual(4); // whole watts are shown
  const knob = page.getByRole("slider", { name: "Minute looked at" });
  await knob.focus();
  await page.keyboard.press("Home");
  await page.getByRole("button", { name: "Play" }).click();
  await expect.poll(async () => Number(await knob.getAttribute("aria-valuenow"))).toBeGreaterThan(20);
  await page.getByRole("button", { name: "Stop" }).click();
});

test("why this number goes from the limit to the labels", async ({ page }) => {
  await openSheet(page, "Sea-bird count");
  await page.getByRole("button", { name: "Why this number" }).click();
  const why = page.getByRole("dialog", { name: "Why this number" });
  await expect(why).toContainText("Limit reached");
  await expect(why).toContainText(/Over the .*fingers/);
  await expect(page.getByTestId("standard-opinion")).toContainText("ISO 11079");
  await expect(page.getByTestId("kind-of-day")).toContainText("The day");
});

test("one like an earlier outing, on another day", async ({ page }) => {
  await openSheet(page, "Sea-bird count");
  await page.getByRole("button", { name: "Copy" }).click();
  await page.getByLabel("Name").fill("Sea-bird count in January");
  await page.getByLabel(/^Starts/).fill("2027-01-16T08:00");
  await page.getByRole("button", { name: "Make it" }).click();
  await expect(
    page.getByRole("heading", { name: /Sea-bird count in January.*16 January 2027 from 08:00/ }),
  ).toBeVisible();
  await expect(page.getByRole("button", { name: /^Hour 09:00/ })).toBeVisible();
});

test("a window that is closed gives the focus back to what opened it", async ({ page }) => {
  await openSheet(page);
  await listening(page);
  for (const [opener, title] of [
    ["Help", "How the sheet works"],
    ["Weather", "Weather"],
  ] as const) {
    const button = page.getByRole("button", { name: opener, exact: true });
    const dialog = page.getByRole("dialog", { name: title });
    await button.press("Enter");
    await dialog.getByRole("button", { name: "Close" }).press("Enter");
    await expect(dialog).toBeHidden();
    await expect(button).toBeFocused();
    await button.press("Enter");
    await expect(dialog).toBeVisible();
    await page.keyboard.press("Escape");
    await expect(dialog).toBeHidden();
    await expect(button).toBeFocused();
  }
});

test("the whole sheet stands on a laptop's screen without scrolling the page", async ({ page }) => {
  await openSheet(page);
  const [whole, seen] = await page.evaluate(() => [document.documentElement.scrollHeight, window.innerHeight]);
  expect(whole).toBeLessThanOrEqual(seen!);
  for (const name of ["Weather and phases", "Wear lanes", "Curves"]) {
    await expect(page.getByRole("group", { name })).toBeInViewport();
  }
  await expect(page.getByRole("region", { name: "Verdict" })).toBeInViewport({ ratio: 1 });
});

test("another practice's way is seen in minutes and kept; a zip and a hood are worked on the bar", async ({ page }) => {
  await openSheet(page);
  const before = await minutesOf(page);
  await page.getByText("How others would do it").click();
  const layer = page.getByRole("region", { name: "When the big layer goes on" });
  await expect(layer.getByText("You plan: on at the seat.")).toBeVisible();
  await layer.getByRole("button", { name: /^Try: On from the start, closed/ }).click();
  await layer.getByRole("button", { name: "Keep" }).click();
  await expect.poll(() => minutesOf(page)).toBeGreaterThan(before);
  await expect(layer.getByText("You plan: on from the start, closed.")).toBeVisible();
  const kept = await minutesOf(page);
  await page.getByRole("button", { name: /^Down parka.*: zip shut/ }).click();
  await page.getByRole("button", { name: /^Down parka.*: hood on/ }).click();
  await expect.poll(() => minutesOf(page)).toBeLessThanOrEqual(kept);
  await page.getByRole("button", { name: "Undo hood off" }).click();
  await page.getByRole("button", { name: "Undo zip open" }).click();
  await expect.poll(() => minutesOf(page)).toBe(kept);
  await page.getByText("Beliefs, looked at here").click();
  await expect(page.getByText(/the head gives off \d+ %/)).toBeVisible();
  await page.getByRole("button", { name: "Undo keep a change" }).click();
  await expect.poll(() => minutesOf(page)).toBe(before);
  await expect(saved(page)).toBeVisible();
});
