import { minutesStillOf } from "@/core/limits";
import { resistancesAt } from "@/core/simulation";
import { wornOutfit, type OutfitPiece } from "@/formats/wire/kit/outfit";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workerFor } from "@/workers/simulate-client";

/** What an outfit comes to on the sheet; what is not known of some piece is `null`. */
export type OutfitWorth = {
  /** Minutes still; `null` longer than is looked at. */
  readonly minutes: number | null;
  readonly massG: number | null;
  readonly volumeL: number | null;
  readonly priceMinor: number | null;
  /** By NOISE, of the loudest piece that says. */
  readonly noise: number | null;
  /** Skin to surroundings in the middle of the sit, by SHOWN_SITES, m²·K/W. */
  readonly sitesM2KPerW: readonly number[];
};

/** Where outfits are told apart: one site of each zone. */
export const SHOWN_SITES = [
  "scalp",
  "neck",
  "chest",
  "upperArm.left",
  "fingers.left",
  "thigh.left",
  "toes.left",
  "sole.left",
] as const;

const sumOrNull = (values: readonly (number | null | undefined)[]): number | null =>
  values.some((value) => value === null || value === undefined)
    ? null
    : values.reduce<number>((total, value) => total + value!, 0);

/** Works an outfit out in the sheet's weather, place and phases. */
export async function worthOf(view: OutingView, pieces: readonly OutfitPiece[]): Promise<OutfitWorth | null> {
  const worn = { ...view, wearings: wornOutfit(view, pieces).wearings };
  const outing = viewToOuting(worn);
  const answer = await workerFor("answer").simulate(outing);
  if (!answer.ok) return null;
  const { verdict, fromMinute, toMinute } = answer.result.sits[0]!;
  const sites = resistancesAt(outing, Math.floor((fromMinute + toMinute) / 2));
  const ids = new Set(pieces.map(({ pieceId }) => pieceId));
  const own = view.kit.filter(({ id }) => ids.has(id));
  const noises = own.flatMap(({ traits }) => traits.noise ?? []);
  return {
    minutes: minutesStillOf(verdict),
    massG: sumOrNull(own.map(({ massG }) => massG)),
    volumeL: sumOrNull(own.map(({ traits }) => traits.volumeL)),
    priceMinor:
      new Set(own.map(({ currency }) => currency)).size === 1
        ? sumOrNull(own.map(({ priceMinor }) => priceMinor))
        : null,
    noise: noises.length > 0 ? Math.max(...noises) : null,
    sitesM2KPerW: SHOWN_SITES.map((site) => sites[site]!),
  };
}
