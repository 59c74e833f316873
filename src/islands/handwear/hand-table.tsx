import * as m from "@/messages";
import { insulationText, quantityText } from "@/formats/display/quantities";
import { TASK_MINUTES, type HandAnswer } from "@/core/bench";
import { LEVELS, LIMIT_TABLE, type Level } from "@/core/limits";
import { DEXTERITY } from "@/core/pieces";
import { MINUTES_PER_HOUR } from "@/core/units";
import { dryingText } from "@/formats/display/words/care-words";
import { fingerText, offText, rewarmText, taskText } from "@/formats/display/words/bench/hand-words";
import { degreesText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { FigureTable, type FigureRow } from "../bench/figure-table";

type Props = {
  readonly answers: readonly (HandAnswer | null)[];
  /** Names of the layers of each column. */
  readonly names: readonly (readonly string[])[];
  readonly level: Level;
  readonly hours: number;
  readonly preferences: Preferences;
};

type Row = FigureRow<HandAnswer, readonly string[]>;

const rowsOf = ({ level, hours, preferences }: Pick<Props, "level" | "hours" | "preferences">): Row[] => [
  ...LEVELS.map((own): Row => ({
    title: m.atRestFingersAtAfter({ own: degreesText(LIMIT_TABLE.fingers.value[own]!, preferences.temperature) }),
    text: ({ restMinutes }) => fingerText(restMinutes[own], hours * MINUTES_PER_HOUR),
  })),
  ...DEXTERITY.slice(1).map((words, index): Row => ({
    title: m.to4({ words }),
    text: ({ tasks }, names) => {
      const task = tasks[index]!;
      return m.afterMinOfIt({
        task: offText(task, names),
        task2: taskText(task, level),
        taskMinutes: TASK_MINUTES,
        task3: rewarmText(task),
        value: task.rewarmMinutes === 0 ? "" : m.toWarmAgain,
      });
    },
  })),
  { title: m.atTheFingersSkinToAir, text: ({ fingersM2KPerW }) => insulationText(fingersM2KPerW, 2) },
  { title: m.overTheHand, text: ({ handM2KPerW }) => insulationText(handM2KPerW, 2) },
  { title: m.soakedLayersApartInARoom, text: ({ dryHours }) => dryingText(dryHours) },
  {
    title: m.allOfItAPair,
    text: ({ massG }) => (massG === null ? m.massNotKnown : quantityText("smallMass", massG)),
  },
];

/** The same in figures, a column each. */
export const HandTable = ({ answers, names, ...props }: Props) => (
  <FigureTable head={m.handsTitle} rows={rowsOf(props)} answers={answers} chosen={names} />
);
