import { insulationText, quantityText } from "@/formats/display/quantities";
import type { FootAnswer } from "@/core/bench";
import { LEVELS, LIMIT_TABLE, type Level } from "@/core/limits";
import { TRACTION, WALKABILITY, WATER_RESISTANCE } from "@/core/pieces";
import { GROUNDS } from "@/core/weather";
import { CLOSURE_WORDS } from "@/formats/display/words/label-words";
import { fitWords, tightCostWords, toeText } from "@/formats/display/words/bench/foot-words";
import { degreesText, fixedNumber, plainNumber } from "@/formats/display/numbers";
import { GROUND_WORDS } from "@/formats/display/words/place-words";
import type { Preferences } from "@/formats/display/preferences";
import type { Choice } from "@/stores/bench/bench";
import { FigureTable, type FigureRow } from "../bench/figure-table";

type Props = {
  readonly answers: readonly (FootAnswer | null)[];
  readonly boots: readonly (Choice | null)[];
  readonly level: Level;
  readonly hours: number;
  readonly preferences: Preferences;
};

type Row = FigureRow<FootAnswer, Choice | null>;

const CM_PER_M = 100;
const NOT_KNOWN = "not known";

/** What a step of a scale says of a boot. */
const stepOf = (steps: readonly string[], step: number | undefined): string =>
  step === undefined ? NOT_KNOWN : (steps[step] ?? NOT_KNOWN);

/** What is told of a boot beside its warmth. */
const BOOT_ROWS: readonly Row[] = [
  {
    title: "Shaft",
    text: (_, boot) =>
      boot?.traits.shaftHeightCm === undefined
        ? NOT_KNOWN
        : `${quantityText("length", boot.traits.shaftHeightCm / CM_PER_M)} high`,
  },
  {
    title: "Top of the shaft",
    text: (_, boot) =>
      boot?.traits.endsAt?.includes("ankles") ? "open: snow and wind come in without a gaiter" : "closes on the leg",
  },
  { title: "Keeps out", text: (_, boot) => stepOf(WATER_RESISTANCE, boot?.traits.waterResistance) },
  { title: "Walked in", text: (_, boot) => stepOf(WALKABILITY, boot?.traits.walkability) },
  { title: "On snow and ice", text: (_, boot) => stepOf(TRACTION, boot?.traits.traction) },
  {
    title: "Closed by",
    text: (_, boot) => (boot?.traits.closure === undefined ? NOT_KNOWN : CLOSURE_WORDS[boot.traits.closure]),
  },
];

const hoursText = (hours: number | null): string =>
  hours === null ? "never" : `${plainNumber(hours, hours < 10 ? 1 : 0)} h`;

const rowsOf = ({ level, hours, preferences }: Omit<Props, "answers" | "boots">): Row[] => [
  ...LEVELS.map((own): Row => ({
    title: `Toes at ${degreesText(LIMIT_TABLE.toes.value[own]!, preferences.temperature)} after`,
    text: ({ toeMinutes }) => toeText(toeMinutes, own, hours),
  })),
  {
    title: "Fit",
    text: (answer) => [fitWords(answer.fit), tightCostWords(answer, level)].filter((text) => text !== null).join(" "),
  },
  {
    title: `Coldest air for ${plainNumber(hours, 1)} h of sitting`,
    text: ({ coldestForHoursC }) =>
      coldestForHoursC === null ? "none in reach" : degreesText(coldestForHoursC, preferences.temperature),
  },
  {
    title: "Printed on the boot",
    text: (_, boot) =>
      boot?.piece.printedTemperatureC === undefined
        ? NOT_KNOWN
        : `${degreesText(boot.piece.printedTemperatureC, preferences.temperature)}, never reckoned with`,
  },
  { title: "At the toes, skin to air", text: ({ toesM2KPerW }) => insulationText(toesM2KPerW, 2) },
  { title: "Over the foot", text: ({ upperM2KPerW }) => insulationText(upperM2KPerW, 2) },
  { title: "Under the sole, under weight", text: ({ soleM2KPerW }) => insulationText(soleM2KPerW, 2) },
  ...GROUNDS.map((ground): Row => ({
    title: `Both soles lose on ${GROUND_WORDS[ground]}`,
    text: ({ soleLossW }) => `${fixedNumber(soleLossW[ground], 1)} W`,
  })),
  {
    title: `Water in it after ${plainNumber(hours, 1)} h`,
    text: ({ drying }) => `${quantityText("smallMass", drying.waterG)} a pair`,
  },
  {
    title: "Dry again in a room",
    text: ({ drying }) => `${hoursText(drying.apartH)} pulled apart, ${hoursText(drying.togetherH)} left together`,
  },
  {
    title: "All of it, a pair",
    text: ({ massG }) => (massG === null ? "mass not known" : quantityText("smallMass", massG)),
  },
  ...BOOT_ROWS,
];

/** The same in figures, a column each. */
export const FootTable = ({ answers, boots, ...props }: Props) => (
  <FigureTable head="Feet" rows={rowsOf(props)} answers={answers} chosen={boots} />
);
