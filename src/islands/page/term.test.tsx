// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";
import { GLOSSARY } from "@/formats/display/words/glossary";
import { FIELD_GLOSSARY } from "@/formats/display/words/field-glossary";
import { FieldNote } from "../day-sheet/editors/field-note";
import { Term } from "./term";

afterEach(cleanup);

describe("a word with its explanation", () => {
  const note = () => screen.queryByRole("tooltip")?.textContent ?? null;

  it("tells it at the pointer and takes it back when the pointer leaves", async () => {
    const user = userEvent.setup();
    render(<Term of={GLOSSARY.clo} />);
    expect(note()).toBeNull();
    await user.hover(screen.getByRole("button", { name: "clo" }));
    expect(note()).toBe(GLOSSARY.clo.means);
    await user.unhover(screen.getByRole("button", { name: "clo" }));
    expect(note()).toBeNull();
  });

  it("tells it by keyboard, Escape and leaving put it away", async () => {
    const user = userEvent.setup();
    render(<Term of={GLOSSARY.range}>how wide</Term>);
    await user.tab();
    expect(screen.getByRole("button", { name: "how wide" })).toBe(document.activeElement);
    await user.keyboard("{Enter}");
    expect(note()).toBe(GLOSSARY.range.means);
    expect(document.activeElement?.getAttribute("aria-expanded")).toBe("true");
    await user.keyboard("{Escape}");
    expect(note()).toBeNull();
    await user.keyboard("{Enter}");
    await user.tab();
    expect(note()).toBeNull();
  });
});

describe("the glossary", () => {
  const entries = Object.values(GLOSSARY);

  it("explains every word once, in whole sentences", () => {
    expect(new Set(entries.map(({ term }) => term)).size).toBe(entries.length);
    for (const { means } of entries) expect(means).toMatch(/^[A-Z0-9].*\.$/);
  });
});

describe("a note beside a field", () => {
  it("names the field, tells what it means, and its Escape closes nothing round it", async () => {
    const user = userEvent.setup();
    let closed = 0;
    render(
      <div onKeyDown={(event) => event.key === "Escape" && (closed += 1)}>
        <FieldNote of="windAtTen" />
      </div>,
    );
    const mark = screen.getByRole("button", { name: "What “wind at 10 m” means" });
    mark.focus();
    await user.keyboard("{Enter}");
    expect(screen.getByRole("tooltip").textContent).toBe(FIELD_GLOSSARY.windAtTen.means);
    await user.keyboard("{Escape}");
    expect(screen.queryByRole("tooltip")).toBeNull();
    expect(closed).toBe(0);
    await user.keyboard("{Escape}");
    expect(closed).toBe(1);
  });

  it("says it in whole sentences, each of another field", () => {
    const entries = Object.values(FIELD_GLOSSARY);
    for (const { means } of entries) expect(means).toMatch(/^[A-Z].*\.$/);
    expect(new Set(entries.map(({ term }) => term)).size).toBe(entries.length);
  });
});
