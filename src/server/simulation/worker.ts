// What runs in the threads of `pool.ts`; bundled on its own (scripts/run/simulation-worker.mjs).
export { judge as default } from "./judge";
