export { clamp } from "./clamp";
export { planElimination, type EliminationPlan } from "./elimination-plan";
export { powerOfTwo } from "./power-of-two";
export { solvePlanned } from "./solve-planned";
