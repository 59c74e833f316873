import { expect, it } from "vitest";
import { sampleView } from "../../../tests/sample-view";
import { lentBy } from "./lending";

it("is lent what is not worn there and fits more than one foot, called by its owner", () => {
  const view = sampleView();
  const boots = { ...view.kit[0]!, id: "spare boots", kind: "footwear" as const };
  const hat = { ...view.kit[0]!, id: "spare hat", name: "Felt hat", kind: "headwear" as const };
  const lent = lentBy({ ...view, kit: [...view.kit, boots, hat] });
  const worn = new Set(view.wearings.map(({ pieceId }) => pieceId));
  expect(lent.filter(({ id }) => worn.has(id))).toEqual([]);
  expect(lent.map(({ id }) => id)).not.toContain("spare boots");
  expect(lent.find(({ id }) => id === "spare hat")).toMatchObject({ name: `Felt hat, lent by ${view.person.name}` });
  expect(lentBy({ ...view, kit: [] })).toEqual([]);
});
