import type { TripView } from "@/formats/wire/trips/trip-view";

/** The name of a piece of anybody's kit. */
export const nameIn = ({ days }: TripView, pieceId: string): string =>
  days.flatMap(({ outing }) => outing.kit).find(({ id }) => id === pieceId)?.name ?? "";
