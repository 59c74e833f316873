import { violations } from "./accessibility";
import { expect, test as base } from "@playwright/test";
import { listening } from "./sheet";

/** Half of 1280 px, which a zoom of 200 % leaves, and the narrowest telephone. */
const NARROW_PX = [640, 320];
/** What follows the width is drawn again by then. */
const SETTLES_WITHIN_MS = 5000;

/**
 * Every state a test leaves a page in is looked through once more: no rule of accessibility broken, and nothing wider
 * than the screen at twice the size and on the narrowest telephone.
 */
export const test = base.extend<{ leftInOrder: undefined }>({
  leftInOrder: [
    async ({ page }, use, { status, expectedStatus }) => {
      await use(undefined);
      if (status !== expectedStatus || page.isClosed() || !page.url().startsWith("http")) return;
      await listening(page);
      expect(await violations(page), "as the test left the page").toEqual([]);
      await page.emulateMedia({ media: "screen" });
      for (const width of NARROW_PX) {
        await page.setViewportSize({ width, height: 800 });
        await expect
          .poll(() => page.evaluate(() => document.documentElement.scrollWidth), {
            message: `at ${width} px`,
            timeout: SETTLES_WITHIN_MS,
          })
          .toBeLessThanOrEqual(width);
      }
    },
    { auto: true },
  ],
});
