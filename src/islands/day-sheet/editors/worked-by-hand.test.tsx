// @vitest-environment happy-dom
import { useStore } from "@nanostores/react";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { sampleView } from "../../../../tests/sample-view";
import { minutesBefore } from "@/core/outing";
import { DEFAULT_PREFERENCES } from "@/formats/display/preferences";
import { openSheet } from "@/stores/saving/saving";
import { $selection, $view } from "@/stores/sheet/day-sheet";
import { endGesture, undo } from "@/stores/sheet/editing";
import { HourEditor } from "./hour-editor";
import { PhaseEditor } from "./phase-editor";
import { PlaceEditor } from "./place-editor";
import { WearingEditor } from "./wearing-editor";

// Editors worked as a person does, by typing, choosing and pressing; what comes of it is read from the sheet.

vi.mock("@/workers/simulate-client", () => ({ workerFor: () => ({ simulate: () => new Promise(() => undefined) }) }));

const view = () => $view.get()!;
const SIT = sampleView().phases.findIndex(({ kind }) => kind === "sit");

beforeEach(() => {
  endGesture();
  $selection.set(null);
  openSheet(sampleView());
});
afterEach(cleanup);

/** An editor of what stands on the sheet now. */
function open(Editor: (props: { readonly of: ReturnType<typeof view> }) => React.ReactNode) {
  const Shown = () => {
    const of = useStore($view);
    return of && <Editor of={of} />;
  };
  render(<Shown />);
  return userEvent.setup();
}

async function type(user: ReturnType<typeof userEvent.setup>, label: string | RegExp, text: string): Promise<void> {
  const field = screen.getByLabelText(label);
  await user.clear(field);
  await user.type(field, text);
  await user.tab();
}

describe("the phase's editor", () => {
  const openPhase = (index: number) => open(({ of }) => <PhaseEditor view={of} index={index} />);

  it("takes minutes that are typed, and what is worn beyond moves along", async () => {
    const user = openPhase(SIT);
    const before = view().phases[SIT]!.minutes;
    const sitEnd = minutesBefore(view().phases, SIT + 1);
    const ends = view().wearings.map(({ toMinute }) => toMinute);
    await type(user, "Minutes", String(before + 30));
    expect(view().phases[SIT]!.minutes).toBe(before + 30);
    expect(view().wearings.map(({ toMinute }) => toMinute)).toEqual(
      ends.map((minute) => (minute >= sitEnd ? minute + 30 : minute)),
    );
    undo();
    expect(view().phases[SIT]!.minutes).toBe(before);
  });

  it("leaves what cannot be used in the field, says why, and changes nothing", async () => {
    const user = openPhase(SIT);
    const before = view();
    await type(user, "Minutes", "soon");
    expect(screen.getByRole("alert").textContent).toContain("Give a number from");
    expect(screen.getByLabelText<HTMLInputElement>("Minutes").value).toBe("soon");
    expect(view()).toBe(before);
  });

  it("changes kind and posture as they are chosen", async () => {
    const user = openPhase(SIT);
    await user.selectOptions(screen.getByLabelText("Posture"), "standing");
    expect(view().phases[SIT]!.posture).toBe("standing");
  });

  it("splits a phase in two of the same kind that last as long together", async () => {
    const user = openPhase(SIT);
    const { minutes, kind } = view().phases[SIT]!;
    const count = view().phases.length;
    await user.click(screen.getByRole("button", { name: "Split in two" }));
    expect(view().phases).toHaveLength(count + 1);
    const [one, other] = view().phases.slice(SIT, SIT + 2);
    expect([one!.kind, other!.kind]).toEqual([kind, kind]);
    expect(one!.minutes + other!.minutes).toBe(minutes);
    expect(one!.id).not.toBe(other!.id);
  });
});

describe("the place's editor", () => {
  const openPlace = () => open(({ of }) => <PlaceEditor view={of} />);

  it("keeps nothing of half a pair of coordinates, and both once both are there, a decimal comma too", async () => {
    const { latitudeDeg: _lat, longitudeDeg: _lon, ...nowhere } = view().setting;
    openSheet({ ...sampleView(), setting: nowhere });
    const user = openPlace();
    await type(user, "Latitude, north positive", "62,5");
    expect(view().setting.latitudeDeg).toBeUndefined();
    expect(screen.getByRole("status").textContent).toContain("Give the other one too");
    await type(user, "Longitude, east positive", "11.25");
    expect(view().setting).toMatchObject({ latitudeDeg: 62.5, longitudeDeg: 11.25 });
    expect(screen.queryByRole("status")).toBeNull();
    await user.click(screen.getByRole("button", { name: "No coordinates" }));
    expect(view().setting.latitudeDeg).toBeUndefined();
    expect(view().setting.longitudeDeg).toBeUndefined();
  });

  it("sets shelter and ground as they are chosen, each its own step back", async () => {
    const user = openPlace();
    const before = view().setting;
    await user.selectOptions(screen.getByLabelText("Feet stand on"), "ice");
    endGesture();
    await user.selectOptions(screen.getByLabelText("Shelter"), "openIce");
    expect(view().setting).toMatchObject({ ground: "ice", shelter: "openIce" });
    undo();
    expect(view().setting).toMatchObject({ ground: "ice", shelter: before.shelter });
  });
});

describe("the hour's editor", () => {
  it("takes an air temperature in the person's unit and keeps what was typed", async () => {
    const preferences = { ...DEFAULT_PREFERENCES, temperature: "F" } as const;
    const user = open(({ of }) => <HourEditor view={of} index={0} preferences={preferences} />);
    await type(user, "Air temperature", "14");
    expect(view().weather[0]!.airTemperatureC).toBeCloseTo(-10, 9);
    expect(view().weather[0]!.airTemperatureTyped).toEqual({ value: 14, unit: "°F" });
  });
});

describe("the wearing's editor", () => {
  const openWearing = (id: string) => open(({ of }) => <WearingEditor view={of} id={id} />);

  it("takes a piece off the sheet, and it can be restored", async () => {
    const before = view().wearings;
    const user = openWearing(before[0]!.id);
    await user.click(screen.getByRole("button", { name: "Leave it off" }));
    expect(view().wearings).toEqual(before.slice(1));
    expect(document.body.textContent).toBe("");
    undo();
    expect(view().wearings).toHaveLength(before.length);
  });

  it("splits what is worn in two, end to end", async () => {
    const [before] = view().wearings;
    const user = openWearing(before!.id);
    await user.click(screen.getByRole("button", { name: /^Split at/ }));
    const parts = view().wearings.filter(({ pieceId }) => pieceId === before!.pieceId);
    const spans = parts
      .map(({ fromMinute, toMinute }) => [fromMinute, toMinute])
      .sort((one, other) => one[0]! - other[0]!);
    expect(spans).toHaveLength(2);
    expect([spans[0]![0], spans[1]![1]]).toEqual([before!.fromMinute, before!.toMinute]);
    expect(spans[0]![1]).toBe(spans[1]![0]);
  });

  it("swaps a piece for another of the kit wherever it is worn", async () => {
    const { pieceId, id } = view().wearings[0]!;
    const user = openWearing(id);
    const choice = screen.getByLabelText<HTMLSelectElement>("Swap for");
    const other = [...choice.options].find(({ value }) => value !== pieceId);
    if (!other) throw new Error("the sample has nothing to swap for");
    await user.selectOptions(choice, other.value);
    expect(view().wearings.some((own) => own.pieceId === pieceId)).toBe(false);
    expect(view().wearings.find((own) => own.id === id)!.pieceId).toBe(other.value);
  });
});
