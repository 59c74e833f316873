import type { LaneName, PieceKind } from "@/core/pieces";
import type { Felt } from "@/core/logbook";
import type { TemperatureUnit, WindUnit } from "../../display/units";
import type { Told } from "../../table/read-table";
import type { SitRole } from "./roles";

type Named = { readonly id: string; readonly name: string };
/** A piece of somebody's kit, where it goes, and how thick it is. */
export type KitName = Named & { readonly lane: LaneName; readonly kind: PieceKind; readonly thicknessMm: number };

/** What is known besides the table. */
export type SitTableOf = {
  readonly pieces: readonly KitName[];
  /** What is worn besides what a row names. */
  readonly usuallyWorn: readonly string[];
  readonly places: readonly (Named & { readonly timeZone: string })[];
  /** Rows that name somebody else are left out. */
  readonly person: Named;
  /** Where a row does not say, or says what is not known. */
  readonly placeId: string;
  /** Start of a sit whose row tells none, as "HH:MM". */
  readonly usualClock: string;
  /** Units of figures whose heads name none. */
  readonly temperature: TemperatureUnit;
  readonly wind: WindUnit;
};

/** A sit of the past as a row tells it. */
export type PastSit = {
  readonly line: number;
  readonly name: string;
  readonly startsAt: string;
  readonly placeId: string;
  /** `null` where it is not told. */
  readonly walkMinutes: number | null;
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly pieceIds: readonly string[];
  readonly felt: Felt;
};

export type SitColumn = { readonly head: string; readonly role: SitRole | null; readonly example: string };

/** A name in the table, the piece it is, and how often it stands there. */
export type NamedPiece = {
  readonly name: string;
  /** "" for what is no piece; `null` while nobody has said. */
  readonly pieceId: string | null;
  readonly times: number;
};

export type ReadSits = {
  readonly columns: readonly SitColumn[];
  readonly sits: readonly PastSit[];
  readonly names: readonly NamedPiece[];
  readonly problems: readonly Told[];
  readonly notes: readonly Told[];
};
