import fc from "fast-check";

/** A run of the suite says the same each time; `LAWS_SEED=$RANDOM npm run test:unit` looks elsewhere. */
const SUITE_SEED = 20261125;

fc.configureGlobal({ seed: Number(process.env.LAWS_SEED ?? SUITE_SEED) });
