import { OUTING_RANGE } from "@/core/outing";

/** A point on earth. */
export type Position = { readonly latitudeDeg: number; readonly longitudeDeg: number };

const isOnEarth = ({ latitudeDeg, longitudeDeg }: Position): boolean =>
  latitudeDeg >= OUTING_RANGE.latitudeDeg[0] &&
  latitudeDeg <= OUTING_RANGE.latitudeDeg[1] &&
  longitudeDeg >= OUTING_RANGE.longitudeDeg[0] &&
  longitudeDeg <= OUTING_RANGE.longitudeDeg[1];

/** Some 1 m on the ground: more is not known of a seat. */
const DECIMALS = 5;
const rounded = (degrees: number): number => Number(degrees.toFixed(DECIMALS));

const positionOf = (latitude: number, longitude: number): Position | null => {
  const position = { latitudeDeg: rounded(latitude), longitudeDeg: rounded(longitude) };
  return Number.isFinite(latitude) && Number.isFinite(longitude) && isOnEarth(position) ? position : null;
};

const NUMBER = String.raw`[-−+]?\d{1,3}(?:\.\d+)?`;
const COMMA_NUMBER = String.raw`[-−+]?\d{1,3}(?:,\d+)?`;
const plain = (text: string): number => Number(text.replace("−", "-").replace(",", "."));

/** Two numbers, latitude first: with points and a comma or blank between, or with commas and a semicolon or blank. */
const PAIRS = [
  new RegExp(String.raw`^(${NUMBER})°?\s*[,;\s]\s*(${NUMBER})°?$`),
  new RegExp(String.raw`^(${COMMA_NUMBER})°?\s*[;\s]\s*(${COMMA_NUMBER})°?$`),
];

/** Where links to a map carry their point: a pair after a sign, a name or in the path. */
const IN_LINKS = [
  new RegExp(String.raw`^geo:(${NUMBER}),(${NUMBER})`, "i"),
  new RegExp(
    String.raw`[?&#](?:mlat|lat|latitude)=(${NUMBER}).*?[?&#](?:mlon|lon|lng|long|longitude)=(${NUMBER})`,
    "i",
  ),
  new RegExp(
    String.raw`[?&#](?:q|query|ll|center|daddr|destination|pin)=(?:loc:)?(${NUMBER})(?:,|%2C|\+|\s)+(${NUMBER})`,
    "i",
  ),
  new RegExp(String.raw`@(${NUMBER}),(${NUMBER})`),
  // Zoom first, then the point: "#map=12/62.5/11.2", "#12/62.5/11.2".
  new RegExp(String.raw`#(?:map=)?\d+(?:\.\d+)?/(${NUMBER})/(${NUMBER})`),
];

const ANGLE = String.raw`(\d{1,3}(?:[.,]\d+)?)\s*°?\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*['′’]?\s*)?(?:(\d{1,2}(?:[.,]\d+)?)\s*(?:["″”]|'')?\s*)?`;
/** Degrees, minutes, seconds with letters of the sky, before or after. */
const LETTERED = [
  new RegExp(String.raw`^${ANGLE}([NS])[\s,;]*${ANGLE}([EWOØ])$`, "i"),
  new RegExp(String.raw`^([NS])\s*${ANGLE}[\s,;]*([EWOØ])\s*${ANGLE}$`, "i"),
];

const angle = (degrees = "0", minutes = "0", seconds = "0", letter = ""): number =>
  (plain(degrees) + plain(minutes) / 60 + plain(seconds) / 3600) * (/[SW]/i.test(letter) ? -1 : 1);

function readLettered(text: string): Position | null {
  const after = LETTERED[0]!.exec(text);
  if (after) {
    const [, d1, m1, s1, northSouth, d2, m2, s2, eastWest] = after;
    return positionOf(angle(d1, m1, s1, northSouth), angle(d2, m2, s2, eastWest));
  }
  const before = LETTERED[1]!.exec(text);
  if (!before) return null;
  const [, northSouth, d1, m1, s1, eastWest, d2, m2, s2] = before;
  return positionOf(angle(d1, m1, s1, northSouth), angle(d2, m2, s2, eastWest));
}

/**
 * A point as people type or paste it: "62.51, 11.32", "62,51 11,32", "62°30′36″N 11°19′E", a link to a map that carries its
 * point, a geo address.
 * @returns `null` where no point on earth can be read
 */
export function readPosition(typed: string): Position | null {
  const text = typed.trim();
  for (const pattern of [...PAIRS, ...IN_LINKS]) {
    const found = pattern.exec(text);
    if (found) return positionOf(plain(found[1]!), plain(found[2]!));
  }
  return readLettered(text);
}

/** A point as it is shown and can be typed again. */
export const positionText = ({ latitudeDeg, longitudeDeg }: Position): string =>
  `${rounded(latitudeDeg)}, ${rounded(longitudeDeg)}`;
