export { BENCH_RANGE, benchOuting, type BenchSetting } from "./bench-setting";
export { footBench, MOST_SOCKS, type FootAnswer, type FootFit, type FootSystem, type ToeMinutes } from "./foot-bench";
