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
    title: `At rest, fingers at ${degreesText(LIMIT_TABLE.fingers.value[own]!, preferences.temperature)} after`,
    text: ({ restMinutes }) => fingerText(restMinutes[own], hours * MINUTES_PER_HOUR),
  })),
  ...DEXTERITY.slice(1).map((words, index): Row => ({
    title: `To ${words}`,
    text: ({ tasks }, names) => {
      const task = tasks[index]!;
      return `${offText(task, names)}: ${taskText(task, level)}; after ${TASK_MINUTES} min of it, ${rewarmText(task)}${task.rewarmMinutes === 0 ? "" : " to warm again"}`;
    },
  })),
  { title: "At the fingers, skin to air", text: ({ fingersM2KPerW }) => insulationText(fingersM2KPerW, 2) },
  { title: "Over the hand", text: ({ handM2KPerW }) => insulationText(handM2KPerW, 2) },
  { title: "Soaked, layers apart in a room, dry after", text: ({ dryHours }) => dryingText(dryHours) },
  {
    title: "All of it, a pair",
    text: ({ massG }) => (massG === null ? "mass not known" : quantityText("smallMass", massG)),
  },
];

/** The same in figures, a column each. */
export const HandTable = ({ answers, names, ...props }: Props) => (
  <FigureTable head="Hands" rows={rowsOf(props)} answers={answers} chosen={names} />
);
