export { BENCH_RANGE, benchOuting, type BenchSetting } from "./bench-setting";
export {
  footBench,
  MOST_COLUMNS,
  MOST_SOCKS,
  type FootAnswer,
  type FootFit,
  type FootSystem,
  type ToeMinutes,
} from "./foot-bench";
export { BENCH_WINDS_M_PER_S, pieceInWind, windContest, type WindContest } from "./piece-in-wind";
export {
  handBench,
  LONGEST_REWARM_MINUTES,
  LONGEST_TASK_MINUTES,
  MOST_HAND_LAYERS,
  TASK_MINUTES,
  type HandAnswer,
  type HandTask,
} from "./hand-bench";
export { massCheck, type MassCheck } from "./mass-check";
export { pieceMinutes, type PieceMinutes, type SatMinutes } from "./piece-minutes";
