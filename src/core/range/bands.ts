import type { OutingSeries } from "../simulation";

/** A curve's low and high, a value per minute. */
export type Band = { readonly low: Float64Array; readonly high: Float64Array };
/** The colder side of toes and of fingers, °C, and heat debt, W·h/m². */
export type RangeBands = { readonly toes: Band; readonly fingers: Band; readonly heatDebt: Band };

/** Curves of members, one by one. */
export type MemberCurves = Readonly<Record<keyof RangeBands, Float64Array[]>>;

const colder = (one: Float64Array, other: Float64Array): Float64Array =>
  one.map((value, minute) => Math.min(value, other[minute]!));

/** At each minute the members in order, and those at two shares of them. */
function bandOf(members: readonly Float64Array[], lowShare: number, highShare: number): Band {
  const minutes = members[0]?.length ?? 0;
  const low = new Float64Array(minutes);
  const high = new Float64Array(minutes);
  const values = new Float64Array(members.length);
  const at = (share: number): number => values[Math.round((values.length - 1) * share)]!;
  for (let minute = 0; minute < minutes; minute++) {
    for (let member = 0; member < members.length; member++) values[member] = members[member]![minute]!;
    values.sort();
    low[minute] = at(lowShare);
    high[minute] = at(highShare);
  }
  return { low, high };
}

/** Adds a member's curves. */
export function addCurves(curves: MemberCurves, { digitC, heatDebtWhPerM2 }: OutingSeries): void {
  curves.toes.push(colder(digitC.leftToes, digitC.rightToes));
  curves.fingers.push(colder(digitC.leftFingers, digitC.rightFingers));
  curves.heatDebt.push(heatDebtWhPerM2);
}

/** The bands of all members, however they were parted. */
export function bandsOf(parts: readonly MemberCurves[], lowShare: number, highShare: number): RangeBands {
  const band = (name: keyof MemberCurves): Band =>
    bandOf(
      parts.flatMap((part) => part[name]),
      lowShare,
      highShare,
    );
  return { toes: band("toes"), fingers: band("fingers"), heatDebt: band("heatDebt") };
}
