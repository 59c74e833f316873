import * as m from "@/messages";
import type { HeatLedger } from "@/core/trace";

/** A stretch of a ledger's bar, in watts and as shares of the longer of both bars. */
export type LedgerPart = {
  readonly key: string;
  readonly watts: number;
  readonly from: number;
  readonly share: number;
};
export type LedgerBars = { readonly gains: readonly LedgerPart[]; readonly losses: readonly LedgerPart[] };

type Amount = readonly [key: string, watts: number];

function laidOut(amounts: readonly Amount[], longest: number): LedgerPart[] {
  let at = 0;
  return amounts
    .filter(([, watts]) => watts > 0)
    .map(([key, watts]) => {
      const from = at;
      const share = longest > 0 ? watts / longest : 0;
      at += share;
      return { key, watts, from, share };
    });
}

/**
 * The ledger as two bars of one length: what is made or given up on one side, where it goes on the other. What comes in
 * from outside (sun, a warm seat) stands with the gains, heat kept with the losses.
 */
export function ledgerBars(ledger: HeatLedger): LedgerBars {
  const { madeW, shiveringW, breathedW, vapourW, convectionW, radiationW, contactW, storedW } = ledger;
  const out: readonly Amount[] = [
    ["air", convectionW],
    ["sky", radiationW],
    ["ground", contactW],
    ["vapour", vapourW],
    ["breath", breathedW],
  ];
  const losses: Amount[] = [...out, ["kept", storedW]];
  const gains: Amount[] = [
    ["made", madeW - shiveringW],
    ["shivering", shiveringW],
    ["body", -storedW],
    ...out.map(([key, watts]): Amount => [m.from({ key }), -watts]),
  ];
  const longest = gains.reduce((sum, [, watts]) => sum + Math.max(0, watts), 0);
  return { gains: laidOut(gains, longest), losses: laidOut(losses, longest) };
}
