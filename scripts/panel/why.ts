import type { Trace } from "@/core/trace";
import { PATCH_WORDS } from "@/formats/display/words/body-words";

type Ended = Extract<Trace, { kind: "ended" }>;

const watts = (value: number, places = 0): string => value.toFixed(places);

/** The largest terms at the moment that ends a sit: of a digit its blood and its loss, of the body what loses most. */
export function siteWords({ digit, body, stacks }: Ended): string {
  if (digit) {
    const insulation = stacks[0] ? ` through ${stacks[0].totalM2KPerW.toFixed(2)} m²K/W` : "";
    const brought = digit.byBloodWPerM2 === null ? "" : `, blood brings ${watts(digit.byBloodWPerM2)}`;
    return `loses ${watts(digit.lostWPerM2)} W/m²${insulation}${brought}`;
  }
  const [first] = body.greatestLosses;
  const where = first ? `, most at the ${PATCH_WORDS[first.patch] ?? first.patch} (${watts(first.lostW)} W)` : "";
  return `makes ${watts(body.madeW)} W, loses ${watts(body.dryW)} dry, ${watts(body.vapourW)} as vapour, ${watts(body.breathedW)} by breath${where}`;
}
