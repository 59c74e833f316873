type Named = { readonly id: string; readonly name: string };

/** What somebody else shares on a page, and what can be taken of it. */
export type GuestBandOf = {
  readonly shareId: string;
  readonly ownerName: string;
  readonly name: string;
  readonly mayEdit: boolean;
  /** Who of the own people could go along, or be lent to. */
  readonly people: readonly Named[];
  /** An outing one can go along on; `alongOutingId`: the own sheet of it, where one does. */
  readonly outing: { readonly tellsPlace: boolean; readonly alongOutingId: string | null } | null;
  /** Pieces that can be lent. */
  readonly pieces: readonly Named[];
};
