// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, describe, expect, it } from "vitest";
import { KeptRow } from "./kept-row";
import { ListAndEditor, NEW, type Listed } from "./list-and-editor";

afterEach(cleanup);

const ROWS: readonly Listed[] = [
  { id: "a", name: "Old stand", retired: true, outings: 3 },
  { id: "b", name: "Eskelund", retired: false, outings: 1 },
  { id: "c", name: "Tarn Halla", retired: false, outings: 0 },
];

describe("a list with its editor", () => {
  const open = () => {
    render(
      <ListAndEditor
        title="Places"
        rows={ROWS}
        newWords="A new place …"
        editor={(row) => <p data-testid="edited">{row?.name ?? NEW}</p>}
      />,
    );
    return userEvent.setup();
  };
  const edited = (): string | null => screen.getByTestId("edited").textContent;

  it("begins with the first that is not retired, and opens what is pressed", async () => {
    const user = open();
    expect(edited()).toBe("Eskelund");
    await user.click(screen.getByRole("button", { name: /^Tarn Halla/ }));
    expect(edited()).toBe("Tarn Halla");
    expect(screen.getByRole("button", { name: /^Tarn Halla/ }).getAttribute("aria-pressed")).toBe("true");
    await user.click(screen.getByRole("button", { name: "A new place …" }));
    expect(edited()).toBe(NEW);
  });

  it("lists what is retired only when asked, and says how many outings there were", async () => {
    const user = open();
    expect(screen.queryByRole("button", { name: /^Old stand/ })).toBeNull();
    await user.click(screen.getByLabelText("also retired"));
    expect(screen.getByRole("button", { name: /^Old stand/ }).textContent).toContain("3 outings · retired");
    expect(screen.getByRole("button", { name: /^Eskelund/ }).textContent).toContain("1 outing");
  });
});

describe("what is kept of a row", () => {
  const open = (keep: () => Promise<unknown>, lacks: string | null = null) => {
    const retired: boolean[] = [];
    const Shown = () => {
      const [edits, setEdits] = useState(0);
      return (
        <KeptRow
          title="Eskelund"
          row={{ retired: false }}
          lacks={lacks}
          keep={keep}
          retire={(is) => Promise.resolve(retired.push(is))}
          keptWords="Kept."
          edits={edits}
        >
          <button type="button" onClick={() => setEdits(edits + 1)}>
            edit
          </button>
        </KeptRow>
      );
    };
    render(<Shown />);
    return { user: userEvent.setup(), retired };
  };
  const press = (user: ReturnType<typeof userEvent.setup>, name: string) =>
    user.click(screen.getByRole("button", { name }));

  it("tells that it is kept until something is edited again", async () => {
    const { user } = open(() => Promise.resolve());
    await press(user, "Keep");
    expect(screen.getByRole("status").textContent).toBe("Kept.");
    await press(user, "edit");
    expect(screen.queryByRole("status")).toBeNull();
  });

  it("tells why it could not be kept, and what is lacking before anything is sent", async () => {
    const { user } = open(() => Promise.reject(new Error("It was changed elsewhere meanwhile.")));
    await press(user, "Keep");
    expect(screen.getByRole("alert").textContent).toBe("It was changed elsewhere meanwhile.");
    cleanup();
    let sent = 0;
    const lacking = open(() => Promise.resolve(sent++), "Give a name.");
    await press(lacking.user, "Keep");
    expect(screen.getByRole("alert").textContent).toBe("Give a name.");
    expect(sent).toBe(0);
  });

  it("is retired by a press", async () => {
    const { user, retired } = open(() => Promise.resolve());
    await press(user, "Retire");
    expect(retired).toEqual([true]);
    expect(screen.getByRole("status").textContent).toContain("no longer offered");
  });
});
