// Loaded before a web process: its clock is off by what a file says, in ms, and so jumps when that file is written.
import { readFileSync } from "node:fs";

const file = process.env.UMIAK_CLOCK_FILE ?? "";
const now = Date.now.bind(Date);
const RealDate = Date;
const off = () => {
  try {
    return Number(readFileSync(file, "utf8")) || 0;
  } catch {
    return 0;
  }
};
class JumpingDate extends RealDate {
  /** @param {any[]} given */
  constructor(...given) {
    if (given.length === 0) super(now() + off());
    else super(.../** @type {[any]} */ (given));
  }
  static now() {
    return now() + off();
  }
}
globalThis.Date = /** @type {DateConstructor} */ (JumpingDate);
