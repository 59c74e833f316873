import { LIMIT_TABLE } from "../limits";
import type { OutingResult } from "../simulation";

/** When a plan makes its person too hot, and how hot. */
export type Overheating = { readonly minute: number; readonly trunkC: number };

/** Where the core is hottest, if it comes to what has to be warned of: on the way as well as on the seat. */
export function overheatingOf({ series }: Pick<OutingResult, "series">): Overheating | null {
  const { trunkC } = series;
  let minute = 0;
  for (let later = 1; later < trunkC.length; later++) if (trunkC[later]! > trunkC[minute]!) minute = later;
  return trunkC[minute]! >= LIMIT_TABLE.heat.value.comfort ? { minute, trunkC: trunkC[minute]! } : null;
}
