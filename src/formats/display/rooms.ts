import * as m from "@/messages";
/** Rooms of the application by their address, in the order of the head of every page. */
export const ROOMS = [
  { href: "/", words: m.outings },
  { href: "/kit", words: m.kit },
  { href: "/logbook", words: m.logbookTitle },
  { href: "/people", words: m.people },
  { href: "/places", words: m.places },
  { href: "/footwear", words: m.roomFootwear },
  { href: "/handwear", words: m.roomHandwear },
  { href: "/reach", words: m.reachRoom },
  { href: "/method", words: m.method },
] as const;

/** Gone to from elsewhere, or by name. */
export const FURTHER_ROOMS = [
  { href: "/outings/new", words: m.planAnOuting },
  { href: "/trips", words: m.trips },
  { href: "/compare", words: m.compareOutings },
  { href: "/season", words: m.seasonRoom },
  { href: "/backup", words: m.backup },
  { href: "/glossary", words: m.words },
  { href: "/preferences", words: m.preferences },
] as const;
