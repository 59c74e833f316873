import { expect } from "@playwright/test";
import { forgetNote, listening, openSheet } from "./sheet";
import { test } from "./test";

const ANSWERED_MS = 30_000;

test("a sit is begun, corrected by what is said and what a logger sends, and goes into the logbook", async ({
  page,
}) => {
  await openSheet(page);
  const id = page.url().split("/").at(-1)!;
  await page.goto(`/outings/${id}/live`);
  await listening(page);
  const left = page.getByTestId("live-left");
  await expect(left).toHaveText(/min|h/, { timeout: ANSWERED_MS });
  await expect(page.getByText("Nothing heard yet: this is the plan.")).toBeVisible();
  const begun = page.waitForResponse((response) => response.url().endsWith("/live") && response.status() === 201);
  await page.getByRole("button", { name: "I sit now" }).press("Enter");
  const { token } = (await (await begun).json()) as { token: string };
  await expect(page.getByTestId("live-next")).toBeVisible();

  // A logger sends; the page hears of it without being asked.
  const sent = await page.request.post(`/api/outings/${id}/live/readings`, {
    headers: { authorization: `Bearer ${token}` },
    data: [{ bn: "urn:dev:", bu: "Cel", n: "leftToes", v: 24.5 }],
  });
  expect(await sent.json()).toEqual({ taken: 1, leftOut: [] });
  await expect(page.getByTestId("live-loggers")).toContainText(/left toes: 24\.5 °C at .+ · .*(than|as) planned/, {
    timeout: ANSWERED_MS,
  });
  await page.getByRole("group", { name: "left toes" }).getByRole("button", { name: "painful" }).press("Enter");
  await expect(page.getByText(/Said: painful/)).toBeVisible();
  await expect(page.getByText(/That makes it .+ shorter than the plan/)).toBeVisible({ timeout: ANSWERED_MS });

  // A closed page loses nothing; what was said stands in the logbook by itself.
  await page.reload();
  await listening(page);
  await expect(page.getByText(/Said: painful/)).toBeVisible();
  await page.getByRole("button", { name: "I got up" }).press("Enter");
  await expect(page.getByText("The sit is over; it stands in the logbook.")).toBeVisible({ timeout: ANSWERED_MS });
  const note = (await (await page.request.get(`/api/outings/${id}/note`)).json()) as object;
  expect(note).toMatchObject({ parts: { leftToes: { vote: "painful" } } });
  await forgetNote(page, id);
});

test("stand-in loggers tell of an invented somebody, and nothing of it is kept", async ({ page }) => {
  await openSheet(page);
  const id = page.url().split("/").at(-1)!;
  await page.goto(`/outings/${id}/live`);
  await listening(page);
  await expect(page.getByTestId("live-left")).toBeVisible({ timeout: ANSWERED_MS });
  await page.getByRole("button", { name: "Try with stand-in loggers" }).click();
  await expect(page.getByText("Stand-in loggers: invented")).toBeVisible();
  await expect(page.getByTestId("live-loggers").getByRole("listitem")).toHaveCount(5, { timeout: ANSWERED_MS });
  await page.getByRole("button", { name: "Stop the stand-ins" }).click();
  await expect(page.getByText("Stand-in loggers: invented")).toBeHidden();
  expect(await page.evaluate((key) => localStorage.getItem(key), `umiak-live-${id}`)).toBeNull();
});
