import type { PlaceContent } from "@/formats/wire/places/place-view";

export const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || "UTC";

/** A place that is not known yet (assumption: most sits of the trade). */
export const usualPlace = (): PlaceContent => ({
  name: "",
  timeZone: ownZone(),
  setting: { shelter: "edgeOfWood", ground: "snow", seatHeightM: 0, snowCover: true },
});
