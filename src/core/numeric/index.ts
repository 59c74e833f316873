export { batches } from "./batches";
export { bisect } from "./bisect";
export { clamp } from "./clamp";
export { exponential, powerOfTwo } from "./exponential";
export { scaled, tabulate } from "./tabulate";
export { normal, seededRandom, type RandomStream } from "./seeded-random";
export { runToEnd, type Steps } from "./run-to-end";
