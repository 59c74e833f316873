export { bisect } from "./bisect";
export { clamp } from "./clamp";
export { exponential, powerOfTwo } from "./exponential";
export { seededRandom, type RandomStream } from "./seeded-random";
