export { OutingAsLearnt } from "./as-learnt";
export { calibrate, type ToldSit } from "./calibrate";
export { lnMinutesUntil } from "./crossing";
export { VOTE_RANGE_C, VOTE_SCALE_K, voteOfBody } from "./evidence";
export { laplaceMode, rootOf, type Mode, type Observed } from "./laplace";
export { between, near, type Loss } from "./losses";
export { SitAgain, type SitMeasures } from "./sit-measures";
export { learntInMinutes, type LearntPart, type LearntShare } from "./told-in-minutes";
export { oddNotes, type OddNote } from "./odd-notes";
