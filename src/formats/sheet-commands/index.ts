export { applyChanges, changeClashes, type Direction } from "./apply";
export { sheetChanges } from "./diff";
export { historyPatch, redone, remembered, undone, unsavedCommands } from "./history";
export {
  MOST_COMMANDS,
  MOST_UNACKNOWLEDGED,
  NO_HISTORY,
  type History,
  type HistoryPatch,
  type SheetChange,
  type SheetCommand,
} from "./sheet-command";
