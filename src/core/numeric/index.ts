export { clamp } from "./clamp";
export { planElimination, type EliminationPlan } from "./elimination-plan";
export { powerOfTwo } from "./power-of-two";
export { seededRandom, type RandomStream } from "./seeded-random";
export { solvePlanned } from "./solve-planned";
