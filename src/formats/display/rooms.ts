/** Rooms of the application by their address, in the order of the head of every page. */
export const ROOMS = [
  { href: "/", words: "Outings" },
  { href: "/kit", words: "Kit" },
  { href: "/people", words: "People" },
  { href: "/places", words: "Places" },
  { href: "/footwear", words: "Footwear bench" },
  { href: "/handwear", words: "Handwear bench" },
  { href: "/backup", words: "Backup" },
  { href: "/method", words: "Method" },
] as const;

/** Gone to from elsewhere, or by name. */
export const FURTHER_ROOMS = [
  { href: "/outings/new", words: "Plan an outing" },
  { href: "/compare", words: "Compare outings" },
  { href: "/glossary", words: "Words" },
  { href: "/preferences", words: "Preferences" },
] as const;
