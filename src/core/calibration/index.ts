export { OutingAsLearnt } from "./as-learnt";
export { calibrate, type ToldSit } from "./calibrate";
export { SitAgain, type SitMeasures } from "./sit-measures";
export { learntInMinutes, type LearntPart, type LearntShare } from "./told-in-minutes";
export { oddNotes, type OddNote } from "./odd-notes";
