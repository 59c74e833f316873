// What runs in the threads of `pool.ts`, by name; bundled on its own (scripts/run/server-threads.mjs).
export { judge, judgeFile } from "./judge";
export { learn } from "./learn";
export { restore } from "./restore";
export { chooseKit } from "./choose-kit";
