// @vitest-environment happy-dom
import { useStore } from "@nanostores/react";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { $selection } from "@/stores/sheet/day-sheet";
import { EditorFrame } from "./editor-frame";
import { Pressable } from "./time-axis/timeline-parts";

vi.mock("@/workers/simulate-client", () => ({ workerFor: () => ({ simulate: () => new Promise(() => undefined) }) }));

beforeEach(() => $selection.set(null));
afterEach(cleanup);

function Sheet() {
  const selection = useStore($selection);
  const open = (): void => $selection.set({ kind: "place" });
  return (
    <>
      <svg>
        <Pressable label="bar" pressed={selection !== null} onPress={open} opensEditor>
          <rect width="9" height="9" />
        </Pressable>
      </svg>
      {selection && (
        <EditorFrame what={JSON.stringify(selection)}>
          <input aria-label="On at" />
        </EditorFrame>
      )}
    </>
  );
}

describe("the frame of an editor", () => {
  it("opened by a key takes the focus into its first field, and Escape gives it back to the bar", async () => {
    const user = userEvent.setup();
    render(<Sheet />);
    const bar = screen.getByRole("button", { name: "bar" });
    bar.focus();
    await user.keyboard("{Enter}");
    expect(screen.getByLabelText("On at")).toBe(document.activeElement);
    await user.keyboard("{Escape}");
    expect(screen.queryByRole("region", { name: "Editor" })).toBeNull();
    expect(document.activeElement?.getAttribute("aria-label")).toBe("bar");
  });

  it("opened by the mouse leaves the focus where it is, and Done closes it", async () => {
    const user = userEvent.setup();
    render(<Sheet />);
    await user.click(screen.getByRole("button", { name: "bar" }));
    expect(screen.getByLabelText("On at")).not.toBe(document.activeElement);
    await user.click(screen.getByRole("button", { name: "Done" }));
    expect($selection.get()).toBeNull();
  });
});
