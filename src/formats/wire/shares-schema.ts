import { z } from "zod";

/** What can be shared with another account. */
export const SHARE_KINDS = ["outing", "trip", "kit"] as const;
export type ShareKind = (typeof SHARE_KINDS)[number];

const shareKindSchema = z.enum(SHARE_KINDS);

export const sharedThingSchema = z.strictObject({ kind: shareKindSchema, item: z.uuid() });
export type SharedThingAsked = z.output<typeof sharedThingSchema>;

export const newShareSchema = z.strictObject({
  id: z.uuid(),
  ...sharedThingSchema.shape,
  mayEdit: z.boolean().default(false),
  tellsPlace: z.boolean().default(false),
});
export type NewShare = z.output<typeof newShareSchema>;

export const shareTokenSchema = z.strictObject({ token: z.string().max(100) });

/** Going along: an outing of that id is made for one of the own people. */
export const goAlongSchema = z.strictObject({ outingId: z.uuid(), personId: z.uuid() });
export type GoAlong = z.output<typeof goAlongSchema>;

/** As many pieces as a pack holds. */
const MOST_LENT = 50;

/** Pieces of somebody else's kit are taken into the kit of one of the own people. */
export const borrowSchema = z.strictObject({
  personId: z.uuid(),
  pieceIds: z.array(z.uuid()).min(1).max(MOST_LENT),
});
export type Borrow = z.output<typeof borrowSchema>;

/** With whom something is shared, as its owner sees it. */
export type ShareLine = {
  readonly id: string;
  readonly mayEdit: boolean;
  readonly tellsPlace: boolean;
  readonly createdAt: string;
  /** `null`: the invitation was not accepted yet. */
  readonly withName: string | null;
  /** Past, where it was not accepted in time. */
  readonly expiresAt: string;
  readonly goesAlong: boolean;
  /** Pieces that are lent by it, by name. */
  readonly lent: readonly string[];
};

/** What somebody else shares, as whoever it is shared with sees it. */
export type SharedLine = {
  readonly id: string;
  readonly kind: ShareKind;
  readonly item: string;
  readonly name: string;
  readonly ownerName: string;
  readonly startsAt: string | null;
  readonly mayEdit: boolean;
  readonly alongOutingId: string | null;
};

/** What an invitation offers. */
export type Offered = {
  readonly kind: ShareKind;
  readonly item: string;
  readonly name: string;
  readonly ownerName: string;
  readonly isOwn: boolean;
  readonly mayEdit: boolean;
  readonly tellsPlace: boolean;
};

/** Where a shared thing is looked at. */
export const sharedPath = ({ kind, item }: SharedThingAsked): string =>
  kind === "kit" ? `/kit?person=${item}` : `/${kind}s/${item}`;
