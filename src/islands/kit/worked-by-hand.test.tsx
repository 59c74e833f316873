// @vitest-environment happy-dom
import { useStore } from "@nanostores/react";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { starterPiece } from "@/core/starter-kit";
import type { KitPiece } from "@/formats/wire/kit/kit-view";
import { $kit, setStatus } from "@/stores/kit-page";
import { PieceEditor } from "./piece-editor";

// The kit's editor worked as a person does, against a server that answers by hand.

type Sent = { readonly url: string; readonly method: string; readonly body: Record<string, unknown> };
let sent: Sent[] = [];
let answer: { readonly status: number; readonly body: unknown } = { status: 200, body: { version: 4 } };

const boot = (): KitPiece => {
  const { name, kind, label, massG = null, fingersTogether = false, traits = {} } = starterPiece("heavyBoot");
  const unknown = { priceMinor: null, currency: null, note: "", care: {}, hasPhoto: false } as const;
  const kept = { id: "boot", version: 3, status: "inUse", outings: 2, wears: 2 } as const;
  return { ...unknown, ...kept, name, kind, label, massG, fingersTogether, traits };
};
const piece = () => $kit.get()!.pieces[0]!;

/** The editor of the first piece of the kit. */
function open() {
  const Shown = () => {
    const kit = useStore($kit);
    return kit && <PieceEditor piece={kit.pieces[0]!} onClose={() => undefined} />;
  };
  render(<Shown />);
  return userEvent.setup();
}

beforeEach(() => {
  sent = [];
  answer = { status: 200, body: { version: 4 } };
  $kit.set({ person: { id: "runa", name: "Runa" }, pieces: [boot()] });
  vi.stubGlobal("fetch", (url: string, { method, body }: { method: string; body?: string }) => {
    sent.push({ url, method, body: body ? (JSON.parse(body) as Record<string, unknown>) : {} });
    return Promise.resolve(new Response(JSON.stringify(answer.body), { status: answer.status }));
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the piece's editor", () => {
  const keep = () => screen.getByRole<HTMLButtonElement>("button", { name: "Keep" });

  it("keeps a name and a mass with a decimal comma under the version it was read at", async () => {
    const user = open();
    expect(keep().disabled).toBe(true);
    await user.clear(screen.getByLabelText("Name"));
    await user.type(screen.getByLabelText("Name"), "Old boots ");
    await user.clear(screen.getByLabelText("Mass, g"));
    await user.type(screen.getByLabelText("Mass, g"), "1450,4");
    expect(screen.getByRole("status").textContent).toBe("Not kept yet.");
    await user.click(keep());
    expect(sent).toMatchObject([
      { url: "/api/pieces/boot", method: "PUT", body: { version: 3, name: "Old boots", massG: 1450 } },
    ]);
    expect(piece()).toMatchObject({ name: "Old boots", massG: 1450, version: 4 });
    expect(screen.getByRole("status").textContent).toBe("Kept.");
  });

  it("keeps what was typed in the fields where somebody else has changed the piece, and says so", async () => {
    const user = open();
    answer = { status: 409, body: { error: { code: "version-conflict", message: "Changed elsewhere meanwhile." } } };
    await user.type(screen.getByLabelText("Note"), "left one leaks");
    await user.click(keep());
    expect(screen.getByRole("alert").textContent).toBe("Changed elsewhere meanwhile.");
    expect(screen.getByLabelText<HTMLTextAreaElement>("Note").value).toBe("left one leaks");
    expect(piece()).toMatchObject({ note: "", version: 3 });
  });

  it("says that what was done may not have been kept where no answer comes", async () => {
    const user = open();
    vi.stubGlobal("fetch", () => Promise.reject(new TypeError("network")));
    await user.type(screen.getByLabelText("Note"), "x");
    await user.click(keep());
    expect(screen.getByRole("alert").textContent).toContain("may not have been kept");
  });

  it("asks for a name, and keeps none without", async () => {
    const user = open();
    await user.clear(screen.getByLabelText("Name"));
    expect(keep().disabled).toBe(true);
    expect(document.body.textContent).toContain("Give the piece a name.");
    expect(sent).toEqual([]);
  });

  it("leaves a mass that is none in its field, with the reason, and uses the one before", async () => {
    const user = open();
    const before = piece().massG;
    await user.clear(screen.getByLabelText("Mass, g"));
    await user.type(screen.getByLabelText("Mass, g"), "heavy");
    expect(screen.getAllByRole("alert").some(({ textContent }) => /\d/.test(textContent ?? ""))).toBe(true);
    await user.type(screen.getByLabelText("Note"), "weigh it");
    await user.click(keep());
    expect(sent[0]!.body).toMatchObject({ note: "weigh it" });
    expect([before, null]).toContain(sent[0]!.body.massG);
  });

  it("keeps a price with its currency, and neither where it is emptied again", async () => {
    const user = open();
    await user.type(screen.getByLabelText("Price, EUR"), "129.90");
    await user.click(keep());
    expect(sent[0]!.body).toMatchObject({ priceMinor: 12_990, currency: "EUR" });
    await user.clear(screen.getByLabelText("Price, EUR"));
    await user.click(keep());
    expect(sent[1]!.body).toMatchObject({ version: 4, priceMinor: null, currency: null });
  });

  it("takes its photo away under the piece's version, and saves on from there", async () => {
    $kit.set({ ...$kit.get()!, pieces: [{ ...boot(), hasPhoto: true }] });
    const user = open();
    expect(screen.getByAltText(/^Photo of/).getAttribute("src")).toBe("/api/pieces/boot/photo?version=3");
    await user.click(screen.getByRole("button", { name: "Take the photo away" }));
    expect(sent[0]).toMatchObject({ url: "/api/pieces/boot/photo?version=3", method: "DELETE" });
    expect(piece()).toMatchObject({ hasPhoto: false, version: 4 });
    await user.type(screen.getByLabelText("Note"), "no photo");
    await user.click(keep());
    expect(sent[1]!.body).toMatchObject({ version: 4, note: "no photo" });
  });

  it("another one like it is new in the kit and never worn", async () => {
    const user = open();
    await user.click(screen.getByRole("button", { name: "Another like it" }));
    expect(sent[0]).toMatchObject({ url: "/api/people/runa/pieces", method: "POST" });
    expect($kit.get()!.pieces).toHaveLength(2);
    expect($kit.get()!.pieces[1]).toMatchObject({ wears: 0, outings: 0, version: 1 });
  });

  it("a status that is changed meanwhile raises the version the next save names", async () => {
    const user = open();
    answer = { status: 200, body: { changed: 1 } };
    await setStatus(["boot"], "retired");
    answer = { status: 200, body: { version: 5 } };
    await user.type(screen.getByLabelText("Note"), "for spare");
    await user.click(keep());
    expect(sent.at(-1)!.body).toMatchObject({ version: 4, note: "for spare" });
  });
});
