// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { fatPercentFromGirths, fatPercentFromMassIndex } from "@/core/body";
import { levelEverywhere } from "@/core/limits";
import { DEFAULT_PREFERENCES } from "@/formats/display/preferences";
import { CUSTOMARY } from "@/formats/display/units";
import type { PersonContent } from "@/formats/wire/people/person-view";
import { $preferences } from "@/stores/preferences";
import type { FatWay } from "./fat-share-field";
import { PersonForm } from "./person-form";
import { USUAL_PERSON } from "./usual-person";

let person: PersonContent;

/** The form of somebody, worked as a person does. */
function open(start: Partial<PersonContent> = {}, startWay: FatWay = "estimated") {
  const Shown = () => {
    const [draft, setDraft] = useState<PersonContent>({ ...USUAL_PERSON, ...start });
    person = draft;
    return <PersonForm person={draft} startWay={startWay} onChange={setDraft} />;
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
const note = (): string =>
  screen
    .queryAllByRole("note")
    .map(({ textContent }) => textContent)
    .join(" ");

beforeEach(() => $preferences.set(DEFAULT_PREFERENCES));
afterEach(cleanup);

describe("the form of a person", () => {
  it("keeps what is typed in base units, and the share of fat follows while it is estimated", async () => {
    const user = open();
    await type(user, "Height", "182");
    await type(user, "Weight", "90,5");
    await type(user, "Age", "51");
    await user.selectOptions(screen.getByLabelText("Sex"), "male");
    expect(person).toMatchObject({ heightM: 1.82, massKg: 90.5, ageYears: 51, sex: "male" });
    expect(person.fatPercent).toBe(Math.round(fatPercentFromMassIndex(person)));
  });

  it("in feet and inches and pounds keeps the same body, and shows what was typed as it was typed", async () => {
    $preferences.set({ ...DEFAULT_PREFERENCES, ...CUSTOMARY });
    const user = open();
    await type(user, "Height, feet", "6");
    await type(user, "and inches", "1");
    await type(user, "Weight", "185");
    expect(person.heightM).toBeCloseTo(73 * 0.0254, 6);
    expect(person.massKg).toBeCloseTo(83.915, 2);
    expect(screen.getByLabelText<HTMLInputElement>("Weight").value).toBe("185");
    expect(screen.getByLabelText<HTMLInputElement>("and inches").value).toBe("1");
  });

  it("what is known stays, whatever else is typed", async () => {
    const user = open({ fatPercent: 31 }, "known");
    await type(user, "Weight", "60");
    expect(person.fatPercent).toBe(31);
  });

  it("takes the figure that is pointed at, and the tape's girths by the published formula", async () => {
    const user = open({ sex: "male" });
    await user.selectOptions(screen.getByLabelText("Share of fat"), "figure");
    await user.click(screen.getByLabelText("lean"));
    expect(person.fatPercent).toBe(14);
    await user.selectOptions(screen.getByLabelText("Share of fat"), "girths");
    await type(user, "Waist, at the navel", "96");
    await type(user, "Neck, below the larynx", "40");
    const expected = fatPercentFromGirths("male", person.heightM, { waistM: 0.96, neckM: 0.4, hipM: 1 });
    expect(person.fatPercent).toBe(Math.round(expected!));
    expect(screen.queryByLabelText(/^Hips/)).toBeNull(); // of women only
    await type(user, "Waist, at the navel", "39");
    await type(user, "Neck, below the larynx", "40");
    expect(
      screen
        .queryAllByRole("alert")
        .map(({ textContent }) => textContent)
        .join(),
    ).toMatch(/number from 40|thinner than the neck/);
  });

  it("a child is told of, called in earlier unless somebody chose otherwise, and a grown person is not", async () => {
    const user = open();
    expect(note()).toBe("");
    await type(user, "Age", "10");
    expect(note()).toContain("A child");
    expect(person.accepted).toEqual(levelEverywhere("comfort"));
    await type(user, "Age", "30");
    expect(person.accepted).toEqual(levelEverywhere("cold"));
    await user.selectOptions(screen.getByLabelText("How cold it may get"), "hard");
    await type(user, "Age", "12");
    expect(person.accepted).toEqual(levelEverywhere("hard"));
  });

  it("a weight in the wrong unit is noticed", async () => {
    const user = open();
    await type(user, "Weight", "25");
    expect(note()).toContain("Look at the units");
    await type(user, "Weight", "68");
    expect(note()).toBe("");
  });

  it("cold hands bring a word of caution; what cannot be a number changes nothing", async () => {
    const user = open();
    await user.click(screen.getByLabelText(/often cold/));
    expect(person.coldHands).toBe(true);
    expect(screen.getByText(/a matter for a doctor/)).toBeDefined();
    const before = person.massKg;
    await type(user, "Weight", "much");
    expect(person.massKg).toBe(before);
    expect(screen.getByRole("alert").textContent).toContain("Give a number from 20 to 220 kg");
  });
});
