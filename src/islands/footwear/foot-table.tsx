import * as m from "@/messages";
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
const NOT_KNOWN = m.notKnown;

/** What a step of a scale says of a boot. */
const stepOf = (steps: readonly string[], step: number | undefined): string =>
  step === undefined ? NOT_KNOWN : (steps[step] ?? NOT_KNOWN);

/** What is told of a boot beside its warmth. */
const BOOT_ROWS: readonly Row[] = [
  {
    title: m.shaft,
    text: (_, boot) =>
      boot?.traits.shaftHeightCm === undefined
        ? NOT_KNOWN
        : m.ofHigh({ quantity: quantityText("length", boot.traits.shaftHeightCm / CM_PER_M) }),
  },
  {
    title: m.topOfTheShaft,
    text: (_, boot) => (boot?.traits.endsAt?.includes("ankles") ? m.openSnowAndWindComeIn : m.closesOnTheLeg),
  },
  { title: m.keepsOut, text: (_, boot) => stepOf(WATER_RESISTANCE, boot?.traits.waterResistance) },
  { title: m.walkedIn, text: (_, boot) => stepOf(WALKABILITY, boot?.traits.walkability) },
  { title: m.onSnowAndIce, text: (_, boot) => stepOf(TRACTION, boot?.traits.traction) },
  {
    title: m.closedBy,
    text: (_, boot) => (boot?.traits.closure === undefined ? NOT_KNOWN : CLOSURE_WORDS[boot.traits.closure]),
  },
];

const hoursText = (hours: number | null): string =>
  hours === null ? "never" : `${plainNumber(hours, hours < 10 ? 1 : 0)} h`;

const rowsOf = ({ level, hours, preferences }: Omit<Props, "answers" | "boots">): Row[] => [
  ...LEVELS.map((own): Row => ({
    title: m.toesAtAfter({ own: degreesText(LIMIT_TABLE.toes.value[own]!, preferences.temperature) }),
    text: ({ toeMinutes }) => toeText(toeMinutes, own, hours),
  })),
  {
    title: m.fit,
    text: (answer) => [fitWords(answer.fit), tightCostWords(answer, level)].filter((text) => text !== null).join(" "),
  },
  {
    title: m.coldestAirForHOfSitting({ hours: plainNumber(hours, 1) }),
    text: ({ coldestForHoursC }) =>
      coldestForHoursC === null ? m.noneInReach : degreesText(coldestForHoursC, preferences.temperature),
  },
  {
    title: m.printedOnTheBoot,
    text: (_, boot) =>
      boot?.piece.printedTemperatureC === undefined
        ? NOT_KNOWN
        : m.neverReckonedWith({
            printedTemperatureC: degreesText(boot.piece.printedTemperatureC, preferences.temperature),
          }),
  },
  { title: m.atTheToesSkinToAir, text: ({ toesM2KPerW }) => insulationText(toesM2KPerW, 2) },
  { title: m.overTheFoot, text: ({ upperM2KPerW }) => insulationText(upperM2KPerW, 2) },
  { title: m.underTheSoleUnderWeight, text: ({ soleM2KPerW }) => insulationText(soleM2KPerW, 2) },
  ...GROUNDS.map((ground): Row => ({
    title: m.bothSolesLoseOn({ ground: GROUND_WORDS[ground] }),
    text: ({ soleLossW }) => `${fixedNumber(soleLossW[ground], 1)} W`,
  })),
  {
    title: m.waterInItAfterH({ hours: plainNumber(hours, 1) }),
    text: ({ drying }) => m.aPair({ quantity: quantityText("smallMass", drying.waterG) }),
  },
  {
    title: m.dryAgainInARoom,
    text: ({ drying }) =>
      m.pulledApartLeftTogether({ apartH: hoursText(drying.apartH), togetherH: hoursText(drying.togetherH) }),
  },
  {
    title: m.allOfItAPair,
    text: ({ massG }) => (massG === null ? m.massNotKnown : quantityText("smallMass", massG)),
  },
  ...BOOT_ROWS,
];

/** The same in figures, a column each. */
export const FootTable = ({ answers, boots, ...props }: Props) => (
  <FigureTable head={m.feetTitle} rows={rowsOf(props)} answers={answers} chosen={boots} />
);
