// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { readFileSync } from "node:fs";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { kitTemplate } from "@/formats/kit-file/write-kit";
import type { KitPiece } from "@/formats/wire/kit/kit-view";
import { $kit } from "@/stores/kit-page";
import { FromList } from "./from-list";

// A list of one's own, as a person brings it in, against a server that takes whatever comes.

let sent: { pieces: KitPiece[] }[] = [];
let done = 0;
beforeEach(() => {
  sent = [];
  done = 0;
  localStorage.clear();
  $kit.set({ person: { id: "tove", name: "Tove" }, pieces: [] });
  vi.stubGlobal("fetch", (_url: string, { body }: { body: string }) => {
    sent.push(JSON.parse(body) as { pieces: KitPiece[] });
    return Promise.resolve(new Response("{}", { status: 201 }));
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const open = () => render(<FromList onDone={() => (done += 1)} />);
const paste = (text: string): void =>
  void fireEvent.change(screen.getByLabelText("or paste it here"), { target: { value: text } });
const preview = (): string => screen.getByTestId("list-preview").textContent ?? "";
const file = (name: string): string => readFileSync(`tests/spreadsheets/kit/${name}`, "utf8");

describe("a list of one's own", () => {
  it("is shown row by row, corrected, and only what is ticked is added", async () => {
    const user = userEvent.setup();
    open();
    paste(file("02-ounces-and-pounds.csv"));
    expect(preview()).toBe("6 pieces can be added.");
    const boots = screen.getByRole("row", { name: /Pac boots/ });
    expect(within(boots).getByText("2495 g")).toBeDefined();
    await user.selectOptions(screen.getByLabelText("What Heavy wool shirt is"), "fleeceJacket");
    await user.click(screen.getByRole("checkbox", { name: "Add Beanie" }));
    expect(preview()).toBe("5 pieces can be added.");
    await user.click(screen.getByRole("button", { name: "Add 5 to the kit" }));
    await vi.waitFor(() => expect(done).toBe(1));
    expect(sent[0]!.pieces.map(({ name, massG, currency }) => [name, massG, currency])).toContainEqual([
      "Heavy wool shirt",
      794,
      "USD",
    ]);
    expect(sent[0]!.pieces.map(({ name }) => name)).not.toContain("Beanie");
  });

  it("has its columns said otherwise, its masses given a unit, and remembers heads and names for the next list", async () => {
    const user = userEvent.setup();
    open();
    paste("Ting,Tall\nGrandfather's,12\nOther,20");
    expect(preview()).toContain("0 pieces can be added, 2 wait");
    await user.selectOptions(screen.getByLabelText(/^Tall/), "mass");
    await user.selectOptions(screen.getByLabelText(/Masses without a unit are in: please say/), "oz");
    await user.selectOptions(screen.getByLabelText("What Grandfather's is"), "mitts");
    expect(within(screen.getByRole("row", { name: /Grandfather/ })).getByText("340 g")).toBeDefined();
    await user.click(screen.getByRole("button", { name: "Add 1 to the kit" }));
    await vi.waitFor(() => expect(done).toBe(1));
    cleanup();
    open();
    paste("Ting,Tall\nGrandfather's,300");
    expect(screen.getByLabelText<HTMLSelectElement>("What Grandfather's is").value).toBe("mitts");
    expect(preview()).toBe("1 piece can be added.");
  });

  it("names what it cannot read, and takes no markup for anything but a name", () => {
    open();
    paste("name,weight,notes\n,120 g,whose?\n<b>Balaclava</b>,85 g,<script>alert(1)</script>\nTotal,205 g,");
    expect(preview()).toBe("1 piece can be added.");
    expect(screen.getByRole("list", { name: "What cannot be read" }).textContent).toContain("line 2: names no piece");
    expect(screen.getByRole("list", { name: "Understood so" }).textContent).toContain("sum");
    expect(screen.getByRole("rowheader", { name: "<b>Balaclava</b>" })).toBeDefined();
    expect(document.querySelector("b, script")).toBeNull();
  });

  it("may be the template, filled in", () => {
    open();
    paste(kitTemplate());
    expect(preview()).toBe("3 pieces can be added.");
    expect(screen.getByLabelText<HTMLSelectElement>("What Winter boots (example) is").value).toBe("bootsInsulated");
  });

  it("in Umiak's own format is read as that, and a refusal loses nothing", async () => {
    const user = userEvent.setup();
    vi.stubGlobal("fetch", () =>
      Promise.resolve(
        new Response(JSON.stringify({ error: { code: "conflict", message: "The kit is full." } }), { status: 409 }),
      ),
    );
    open();
    paste("name;kind;face;material;thicknessMm;patches\nFelt insole;footbed;open;felt;6,5;sole");
    expect(screen.getByTestId("kit-preview").textContent).toBe("1 piece can be read.");
    await user.click(screen.getByRole("button", { name: "Add 1 to the kit" }));
    expect((await screen.findByRole("alert")).textContent).toBe("The kit is full.");
    expect(screen.getByLabelText<HTMLTextAreaElement>("or paste it here").value).toContain("Felt insole");
    expect(done).toBe(0);
  });
});
