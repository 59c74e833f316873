import { expect, it } from "vitest";
import { noteChart } from "./note-chart";

it("draws what was said where it was felt: on its curve, at its minute, and within the picture", () => {
  const valuesC = [20, 15, 10];
  const said = [
    { minute: 1, words: "cold" },
    { minute: 99, words: "numb" },
  ];
  const { curves, x } = noteChart([{ key: "toes", valuesC, said }], { left: 0, right: 100, top: 0, bottom: 100 });
  const [toes] = curves;
  expect(toes!.said[0]).toEqual({ words: "cold", x: x(1), y: 50 });
  expect(toes!.said[1]).toEqual({ words: "numb", ...toes!.end });
  expect(toes!.end).toEqual({ x: 100, y: 100 });
});
