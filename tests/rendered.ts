import { DOMParser, type Element } from "@xmldom/xmldom";
import type { ReactElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";

// A part of the page as it is first drawn, for tests of what it says without a browser.

const tidy = (text: string): string => text.replace(/\s+/g, " ").trim();

/** What somebody reads: text without what is only for machines. */
function textOf(element: Element): string {
  return tidy(element.textContent ?? "");
}

export type Rendered = {
  readonly text: string;
  /** Names of all that has one of its own: bars, hours, parts of the figure. */
  readonly names: readonly string[];
  /** Words on the buttons that can be pressed, and on those that cannot. */
  readonly buttons: readonly string[];
  readonly disabled: readonly string[];
  /** What a field of this label holds: a figure, the words chosen, whether it is ticked. */
  field(label: string): string | null;
  /** Tables as rows of their cells' words; of a cell with a field what it holds. */
  readonly rows: readonly (readonly string[])[];
  /** Texts of all elements of a kind. */
  all(tag: string): readonly string[];
};

const elements = (under: Element, tag: string): Element[] => Array.from(under.getElementsByTagName(tag));

function held(field: Element): string {
  if (field.tagName === "select") {
    const chosen = elements(field, "option").find((option) => option.hasAttribute("selected"));
    return chosen ? textOf(chosen) : "";
  }
  if (field.getAttribute("type") === "checkbox") return field.hasAttribute("checked") ? "ticked" : "not ticked";
  return field.tagName === "textarea" ? textOf(field) : (field.getAttribute("value") ?? "");
}

const isField = ({ tagName }: Element): boolean => ["input", "select", "textarea"].includes(tagName);
const fieldsIn = (under: Element): Element[] => elements(under, "*").filter(isField);

/** Between parts that stand apart on the page their words stand apart. */
const apart = (markup: string): string => markup.replace(/<\/(?!span|strong|b|a|text|tspan)\w+>|<br\/>/g, "$& ");

export function rendered(element: ReactElement): Rendered {
  const markup = `<html><body>${apart(renderToStaticMarkup(element))}</body></html>`;
  const page = new DOMParser({ onError: () => undefined }).parseFromString(markup, "text/html").documentElement!;
  const everything = elements(page, "*");
  const buttons = elements(page, "button");
  const isOff = (own: Element): boolean => own.hasAttribute("disabled");
  const cell = (own: Element): string => [textOf(own), ...fieldsIn(own).map(held)].filter(Boolean).join(" ");
  return {
    text: textOf(page),
    names: everything.flatMap((own) => own.getAttribute("aria-label") ?? []),
    buttons: buttons.filter((own) => !isOff(own)).map(textOf),
    disabled: buttons.filter(isOff).map(textOf),
    field(label) {
      const named = everything.find((own) => isField(own) && own.getAttribute("aria-label") === label);
      if (named) return held(named);
      const words = elements(page, "label").find((own) => textOf(own) === label);
      const id = words?.getAttribute("for");
      const own = id ? everything.find((other) => other.getAttribute("id") === id) : words && fieldsIn(words)[0];
      return own ? held(own) : null;
    },
    rows: elements(page, "tr").map((row) =>
      Array.from(row.childNodes)
        .filter((node): node is Element => node.nodeType === 1)
        .map(cell),
    ),
    all: (tag) => elements(page, tag).map(textOf),
  };
}
