import { drawableWh, type Device } from "../devices";
import { heatSpansOf } from "../dressing";
import { HEAT_RANGE, heatCourse, type HeatSpan } from "../heat";
import { totalMinutes, type Outing, type Wearing } from "../outing";
import type { Piece } from "../pieces";
import type { Range } from "../errors";
import { MINUTES_PER_HOUR } from "../units";
import type { Night } from "./night";

// Heat that is brought along for days: packs are counted, batteries charged where there is mains or a power bank.

/** What a trip lives from besides what each piece holds. */
export type Supplies = {
  /** Single packs by the piece they are (a pair is two); a piece not named has as many as are wanted. */
  readonly packs: Readonly<Record<string, number>>;
  /** All power banks together, as printed, Wh. */
  readonly powerBankWh: number;
  /** What else runs from batteries, and so many hours of each day. */
  readonly devices?: readonly DeviceAlong[] | undefined;
};
export type DeviceAlong = Device & { readonly id: string; readonly name: string; readonly hoursADay: number };
export const NO_SUPPLIES: Supplies = { packs: {}, powerBankWh: 0 };
export const SUPPLIES_RANGE = {
  packs: [0, 400],
  powerBankWh: [0, 2000],
  devices: [0, 12],
  hoursADay: [0.1, 24],
} as const satisfies Record<string, Range>;

/** Of what a power bank gives, so much arrives in a battery (assumption). */
const CHARGED_SHARE = 0.85;

/** A piece that brings heat, on one day. */
export type SourceOnDay =
  | {
      readonly kind: "packs";
      readonly pieceId: string;
      readonly wanted: number;
      readonly opened: number;
      /** In the evening; `null` where nobody counts them. */
      readonly left: number | null;
    }
  | {
      readonly kind: "battery";
      readonly pieceId: string;
      /** In the morning, used through the day, and charged in the night after, Wh. */
      readonly startWh: number;
      readonly usedWh: number;
      readonly chargedWh: number;
      /** Minute of the outing at which it was empty while it was still wanted; `null` where it lasted. */
      readonly emptyAtMinute: number | null;
    };

/** A device on one day: what it was wanted for and could give, and what is charged in the night after, Wh. */
export type DeviceOnDay = {
  readonly deviceId: string;
  readonly wantedWh: number;
  readonly usedWh: number;
  readonly chargedWh: number;
};

/** What is left of it all between two days. */
export type SuppliesLeft = {
  readonly packs: ReadonlyMap<string, number>;
  readonly batteriesWh: ReadonlyMap<string, number>;
  readonly powerBankWh: number;
};
export const suppliesAtStart = ({ packs, powerBankWh }: Supplies): SuppliesLeft => ({
  packs: new Map(Object.entries(packs)),
  batteriesWh: new Map(),
  powerBankWh,
});

const packsOf = ({ side }: Pick<Wearing, "side">): number => (side === "both" ? 2 : 1);

type Supplied = {
  /** The outing with what there is left: packs that are not there are not opened, batteries begin as they were charged. */
  readonly outing: Outing;
  readonly sources: readonly SourceOnDay[];
  readonly left: SuppliesLeft;
};

/** Opens packs one span after the other for as long as there are any; none to open is not worn: it would fill the boot. */
function packsOpened(
  wearings: readonly Wearing[],
  piece: Piece,
  heat: NonNullable<Piece["heat"]>,
  there: number | null,
): { readonly wearings: Wearing[]; readonly wanted: number; readonly opened: number } {
  let [wanted, opened] = [0, 0];
  const after = wearings.flatMap((wearing): Wearing[] => {
    if (wearing.pieceId !== piece.id) return [wearing];
    const asked = heatSpansOf(wearing, heat);
    const spans = asked.filter((): boolean => {
      wanted += packsOf(wearing);
      if (there !== null && opened + packsOf(wearing) > there) return false;
      opened += packsOf(wearing);
      return true;
    });
    return asked.length > 0 && spans.length === 0 ? [] : [{ ...wearing, heat: spans }];
  });
  return { wearings: after, wanted, opened };
}

const meanAirC = ({ weather }: Pick<Outing, "weather">): number =>
  weather.reduce((sum, hour) => sum + hour.airTemperatureC, 0) / Math.max(1, weather.length);

/** An outing as it begins with what is left, and what is left after it. What is as it was read stays the same object. */
export function suppliedOuting(outing: Outing, before: SuppliesLeft): Supplied {
  const { packs, batteriesWh, powerBankWh } = before;
  const sources: SourceOnDay[] = [];
  const packsLeft = new Map(packs);
  const charges = new Map(batteriesWh);
  let { pieces, wearings } = outing;
  for (const piece of outing.pieces) {
    const { heat } = piece;
    if (!heat) continue;
    if (heat.kind === "pack") {
      const there = packs.get(piece.id) ?? null;
      const { wearings: after, wanted, opened } = packsOpened(wearings, piece, heat, there);
      if (opened < wanted) wearings = after;
      const left = there === null ? null : there - opened;
      if (left !== null) packsLeft.set(piece.id, left);
      sources.push({ kind: "packs", pieceId: piece.id, wanted, opened, left });
      continue;
    }
    const startWh = charges.get(piece.id) ?? heat.batteryWh;
    const spans = wearings.flatMap((own): readonly HeatSpan[] =>
      own.pieceId === piece.id ? heatSpansOf(own, heat) : [],
    );
    const given = { ...heat, batteryWh: Math.max(HEAT_RANGE.batteryWh[0], startWh) };
    const { powerW, emptyAtMinute } = heatCourse(given, spans, totalMinutes(outing.phases), meanAirC(outing));
    const usedWh = Math.min(startWh, powerW.reduce((sum, own) => sum + own, 0) / MINUTES_PER_HOUR);
    // What the cold withholds comes back in the warm.
    charges.set(piece.id, startWh - usedWh);
    if (startWh < heat.batteryWh && spans.length > 0)
      pieces = pieces.map((own) => (own.id === piece.id ? { ...own, heat: given } : own));
    sources.push({ kind: "battery", pieceId: piece.id, startWh, usedWh, chargedWh: 0, emptyAtMinute });
  }
  const isSame = pieces === outing.pieces && wearings === outing.wearings;
  return {
    outing: isSame ? outing : { ...outing, pieces, wearings },
    sources,
    left: { packs: packsLeft, batteriesWh: charges, powerBankWh },
  };
}

/** What devices draw in a day, as far as their batteries give it. */
export function devicesUsed(
  outing: Outing,
  before: SuppliesLeft,
  devices: readonly DeviceAlong[],
): { readonly used: readonly DeviceOnDay[]; readonly left: SuppliesLeft } {
  const charges = new Map(before.batteriesWh);
  const used = devices.map((device): DeviceOnDay => {
    const holdsWh = device.batteries * device.batteryWh;
    const leftWh = charges.get(device.id) ?? holdsWh;
    const wantedWh = device.drawW * device.hoursADay;
    const usedWh = Math.min(wantedWh, drawableWh(leftWh, holdsWh, meanAirC(outing)));
    charges.set(device.id, leftWh - usedWh);
    return { deviceId: device.id, wantedWh, usedWh, chargedWh: 0 };
  });
  return { used, left: { ...before, batteriesWh: charges } };
}

/** Single packs that all days want, by piece. */
export function packsWanted(days: readonly Outing[]): ReadonlyMap<string, number> {
  const wanted = new Map<string, number>();
  for (const outing of days)
    for (const source of suppliedOuting(outing, suppliesAtStart(NO_SUPPLIES)).sources)
      if (source.kind === "packs") wanted.set(source.pieceId, (wanted.get(source.pieceId) ?? 0) + source.wanted);
  return wanted;
}

/**
 * Charges in a night, the emptiest first: from mains all that was used, else from power banks what they have. Banks are
 * full again where there is mains.
 * @param pieces of the trip, for what a battery holds
 */
export function chargedOvernight(
  left: SuppliesLeft,
  { hasMains }: Pick<Night, "hasMains">,
  pieces: readonly Piece[],
  { powerBankWh: bankHoldsWh, devices = [] }: Pick<Supplies, "powerBankWh" | "devices">,
): { readonly left: SuppliesLeft; readonly chargedWh: ReadonlyMap<string, number> } {
  const charges = new Map(left.batteriesWh);
  const chargedWh = new Map<string, number>();
  let bankWh = hasMains ? bankHoldsWh : left.powerBankWh;
  const wanting = [
    ...pieces.map(({ id, heat }) => ({ id, holdsWh: heat?.kind === "electric" ? heat.batteryWh : 0 })),
    ...devices.map(({ id, batteries, batteryWh }) => ({ id, holdsWh: batteries * batteryWh })),
  ]
    .flatMap(({ id, holdsWh }) => {
      const has = charges.get(id);
      return has === undefined ? [] : [{ id, has, wantsWh: Math.max(0, holdsWh - has) }];
    })
    .sort((one, other) => one.has - other.has);
  for (const { id, has, wantsWh } of wanting) {
    const givenWh = hasMains ? wantsWh : Math.min(wantsWh, bankWh * CHARGED_SHARE);
    if (!hasMains) bankWh -= givenWh / CHARGED_SHARE;
    charges.set(id, has + givenWh);
    chargedWh.set(id, givenWh);
  }
  return { left: { packs: left.packs, batteriesWh: charges, powerBankWh: bankWh }, chargedWh };
}
