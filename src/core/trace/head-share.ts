import { SITES, type Patch } from "../patches";
import type { MinuteLook } from "./ledger";

const HEAD: ReadonlySet<Patch> = new Set(["scalp", "ears", "face"]);

/** What the head has of the dry loss and of the skin, 0 to 1; breath is counted apart. */
export type HeadShare = { readonly ofLoss: number; readonly ofSkin: number };

/**
 * Share of the head in what the whole skin loses dry, beside its share of the skin: what the belief of "most heat through
 * the head" comes to in a minute.
 */
export function headShare({ sites }: MinuteLook): HeadShare {
  const total = { lostW: 0, areaM2: 0 };
  const head = { lostW: 0, areaM2: 0 };
  sites.forEach(({ lostW, areaM2 }, site) => {
    for (const sum of HEAD.has(SITES[site]!.patch) ? [total, head] : [total]) {
      sum.lostW += lostW;
      sum.areaM2 += areaM2;
    }
  });
  return { ofLoss: total.lostW > 0 ? head.lostW / total.lostW : 0, ofSkin: head.areaM2 / total.areaM2 };
}
