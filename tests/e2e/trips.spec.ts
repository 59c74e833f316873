import { expect } from "@playwright/test";
import { listening } from "./sheet";
import { test } from "./test";

test("a trip is made of one outing by keyboard; a night in a house dries what a tent does not, and is taken back", async ({
  page,
}) => {
  await page.goto("/trips");
  await listening(page);
  await page.getByRole("button", { name: "Make the trip" }).press("Enter");
  await expect(page.getByRole("alert")).toHaveText("Give the trip a name.");
  await page.getByLabel("Name").fill("Three days on the ice");
  const days = page.getByLabel("First day");
  await days.selectOption({
    label: (await days.locator("option").allTextContents()).find((own) => /^Char through/.test(own))!,
  });
  await page.getByLabel("Where one sleeps").selectOption({ label: "a tent" });
  await page.getByRole("button", { name: "Make the trip" }).press("Enter");

  await expect(page.getByRole("heading", { name: "Three days on the ice" })).toBeVisible();
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
  await page.waitForLoadState("networkidle");
  await page.reload();
  await expect(sock.getByRole("cell").nth(1)).toContainText("morning: dry"); // it was kept
  for (const { id, name } of (await (await page.request.get("/api/outings")).json()) as { id: string; name: string }[])
    if (/, day \d$/.test(name))
      await page.request.delete(`/api/outings/${id}`, { headers: { "content-type": "application/json" } });
});
