// @vitest-environment happy-dom
import { useStore } from "@nanostores/react";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { PersonView } from "@/formats/wire/people/person-view";
import { $people } from "@/stores/people";
import { HoldsTo } from "./holds-to";
import { USUAL_PERSON } from "./usual-person";

vi.mock("@/workers/simulate-client", () => ({ workerFor: () => ({}) }));

type Change = { readonly from: PersonView["practicePreferences"]; readonly to: PersonView["practicePreferences"] };
let sent: Change[] = [];
let isRefused = false;

const runa: PersonView = {
  ...USUAL_PERSON,
  id: "01900000-0000-7000-8000-0000000000a1",
  name: "Runa",
  version: 3,
  practicePreferences: { avoids: ["down"], practices: { socks: "one" } },
  retired: false,
  outings: 2,
};
const Shown = () => <HoldsTo person={useStore($people)[0]!} />;

beforeEach(() => {
  sent = [];
  isRefused = false;
  $people.set([runa]);
  vi.stubGlobal("fetch", (_url: string, { body }: { body: string }) => {
    const change = JSON.parse(body) as Change;
    sent.push(change);
    return Promise.resolve(
      isRefused
        ? new Response(JSON.stringify({ error: { code: "not-found", message: "There is no such person." } }), {
            status: 404,
          })
        : new Response(JSON.stringify(change.to)),
    );
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("what a person avoids and holds to", () => {
  const held = () => $people.get()[0]!.practicePreferences;

  it("is kept at once, with what it was before, and the rest stays", async () => {
    const user = userEvent.setup();
    render(<Shown />);
    expect(screen.getByRole<HTMLInputElement>("checkbox", { name: "avoids down" }).checked).toBe(true);
    await user.click(screen.getByRole("checkbox", { name: "avoids anything of animals" }));
    await user.selectOptions(screen.getByLabelText("When the big layer goes on"), "seated");
    await user.selectOptions(screen.getByLabelText("Pairs of socks"), "");
    await user.click(screen.getByRole("checkbox", { name: /goes by the standard/ }));
    expect(sent[0]!.from).toEqual(runa.practicePreferences);
    expect(held()).toEqual({ avoids: ["animals", "down"], practices: { bigLayer: "seated" }, heatDebtEnds: true });
  });

  it("goes back to what it was where it is not kept, and says why", async () => {
    const user = userEvent.setup();
    isRefused = true;
    render(<Shown />);
    await user.click(screen.getByRole("checkbox", { name: "avoids down" }));
    expect((await screen.findByRole("alert")).textContent).toBe("There is no such person.");
    expect(held()).toEqual(runa.practicePreferences);
  });
});
