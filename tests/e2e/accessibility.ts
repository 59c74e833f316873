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

/**
 * How each text of a page is coloured: by the classes, states and colours of what holds it and of all around that. The
 * contrast of two that are the same is the same.
 */
const colouringsOf = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const hasText = ({ childNodes }: Element): boolean =>
      [...childNodes].some(({ nodeType, textContent }) => nodeType === Node.TEXT_NODE && textContent?.trim());
    const isState = ({ name, value }: Attr): boolean =>
      /^(class|data-.*|aria-.*|disabled|fill|stroke|open|href)$/.test(name) ||
      (name === "style" && value.includes("color"));
    // Texts and names of others, and what is numbered, say nothing of colours.
    const valueOf = ({ name, value }: Attr): string =>
      /^(href|aria-(label|labelledby|controls|describedby|valuetext|valuenow)|data-testid)$/.test(name) ? name : value;
    const own = new Map<Element, string>();
    const colouringOf = (element: Element): string => {
      const known = own.get(element);
      if (known !== undefined) return known;
      const states = [...element.attributes]
        .filter(isState)
        .map((attribute) => `${attribute.name}=${valueOf(attribute)}`);
      const { parentElement } = element;
      const colouring = `${parentElement ? colouringOf(parentElement) : ""}>${element.tagName} ${states.join(" ")}`;
      own.set(element, colouring);
      return colouring;
    };
    const texts = [...document.querySelectorAll("body *")].filter(hasText);
    return [...new Set([...texts, ...document.querySelectorAll("input, select, textarea")].map(colouringOf))];
  });

const looked = new Set<string>();

/** As `violations`, without looking again at the contrast of texts that are all coloured as others looked at before. */
export async function newViolations(page: Page) {
  const colourings = await colouringsOf(page);
  const isKnown = colourings.every((colouring) => looked.has(colouring));
  const found = await violations(page, { rules: isKnown ? "all but colours" : "all" });
  if (found.length === 0) for (const colouring of colourings) looked.add(colouring);
  return found;
}
