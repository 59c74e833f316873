export { clamp } from "./clamp";
export { powerOfTwo } from "./power-of-two";
export { seededRandom, type RandomStream } from "./seeded-random";
