import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";

const CONTRAST = ["color-contrast"];

type Looked = {
  /** Selector of the part that is looked at, such as an open dialog. */
  readonly within?: string;
  readonly rules?: "all" | "colours" | "all but colours";
};

/**
 * Rules of accessibility a page breaks. Only what is broken is collected, and in the page itself, which has no frames of
 * others: every rule is looked at all the same, in a quarter of the time.
 */
export async function violations(page: Page, { within, rules = "all" }: Looked = {}) {
  // Options first: they take the rules along.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ["violations"] });
  if (rules === "colours") axe.withRules(CONTRAST);
  if (rules === "all but colours") axe.disableRules(CONTRAST);
  if (within !== undefined) axe.include(within);
  return (await axe.analyze()).violations;
}
