/** Minor units in one: cents of the currencies offered. A currency without cents needs its own. */
export const MINOR_PER_UNIT = 100;
/** The dearest a piece may be, in whole units. */
export const MOST_PRICE = 100_000;
