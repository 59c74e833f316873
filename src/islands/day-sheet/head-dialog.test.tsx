// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { sampleView } from "../../../tests/sample-view";
import { $save, openSheet } from "@/stores/saving/saving";
import { HeadDialog } from "./head-dialog";

// What an outing is called, when, who and where, against a server that answers by hand.

vi.mock("@/workers/simulate-client", () => ({ workerFor: () => ({ simulate: () => new Promise(() => undefined) }) }));

const view = sampleView();
const OTHER = "01900000-0000-7000-8000-0000000000b1";
type Sent = { readonly url: string; readonly method: string; readonly body: Record<string, unknown> };
let sent: Sent[] = [];
let went: string[] = [];
let refusal: string | null = null;

beforeEach(() => {
  sent = [];
  went = [];
  refusal = null;
  openSheet(view);
  vi.spyOn(window.location, "assign").mockImplementation((to) => void went.push(String(to)));
  vi.stubGlobal("fetch", (url: string, { method = "GET", body }: { method?: string; body?: string } = {}) => {
    if (method === "GET") {
      const own = url.endsWith("people") ? view.person : view.place;
      const rows = [
        { id: own.id, name: own.name, retired: false },
        { id: OTHER, name: "Eskil or Eskelund", retired: false },
        { id: "old", name: "Retired", retired: true },
      ];
      return Promise.resolve(new Response(JSON.stringify(rows)));
    }
    sent.push({ url, method, body: body ? (JSON.parse(body) as Record<string, unknown>) : {} });
    return Promise.resolve(
      refusal === null
        ? new Response(JSON.stringify({ version: 2, leftOff: 3, id: view.id }))
        : new Response(JSON.stringify({ error: { code: "version-conflict", message: refusal } }), { status: 409 }),
    );
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

async function open() {
  render(<HeadDialog view={view} isOpen onClose={() => undefined} />);
  await screen.findAllByRole("option", { name: "Eskil or Eskelund", hidden: true });
  return userEvent.setup();
}
const press = (name: string): void => void fireEvent.click(screen.getByRole("button", { name, hidden: true }));
const problem = (words: string): Promise<HTMLElement> => screen.findByText(words);
const told = (): string => screen.getByRole("status", { hidden: true }).textContent ?? "";

describe("name, day, who and where", () => {
  it("says what another day, place and sitter bring before anything is sent, and offers nobody who is retired", async () => {
    const user = await open();
    expect(told()).toBe("");
    expect(screen.queryByRole("option", { name: "Retired", hidden: true })).toBeNull();
    fireEvent.change(screen.getByLabelText(/^Starts/), { target: { value: "2027-04-02T05:50" } });
    expect(told()).toContain("hours of weather go along");
    await user.selectOptions(screen.getByLabelText("Where"), OTHER);
    expect(told()).toContain("those of the new place");
    await user.selectOptions(screen.getByLabelText("Who sits"), OTHER);
    expect(told()).toContain("Undo does not go back beyond this change");
    expect(sent).toEqual([]);
  });

  it("sends the version it saw, and opens the sheet again with what stays off", async () => {
    const user = await open();
    await user.selectOptions(screen.getByLabelText("Who sits"), OTHER);
    press("Keep");
    await vi.waitFor(() => expect(went).toEqual([`/outings/${view.id}?leftOff=3`]));
    expect(sent[0]).toMatchObject({
      url: `/api/outings/${view.id}/head`,
      method: "PUT",
      body: { version: view.version, name: view.name, personId: OTHER, placeId: view.place.id },
    });
  });

  it("without a name, while the sheet is being saved, or refused: it says so, and nothing is lost", async () => {
    await open();
    const name = screen.getByLabelText<HTMLInputElement>("Name");
    fireEvent.change(name, { target: { value: " " } });
    press("Keep");
    await problem("Give the outing a name.");
    fireEvent.change(name, { target: { value: "Char" } });
    act(() => $save.set({ kind: "saving" }));
    press("Keep");
    await problem("The sheet is still being saved; try again in a moment.");
    expect(sent).toEqual([]);
    act(() => $save.set({ kind: "saved" }));
    refusal = "This outing was changed elsewhere.";
    press("Keep");
    await problem(refusal);
    expect(name.value).toBe("Char");
    expect(went).toEqual([]);
  });

  it("takes the outing off the list and goes where it can be had back", async () => {
    await open();
    press("Remove this outing");
    await vi.waitFor(() => expect(went).toEqual([`/?removed=${view.id}`]));
    expect(sent[0]).toMatchObject({ url: `/api/outings/${view.id}`, method: "DELETE" });
  });
});
