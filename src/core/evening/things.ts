import { MS_PER_MINUTE } from "../units";
import { coveredPatches } from "../labels";
import { drySetOf } from "../emergency";
import { isNextToSkin } from "../dressing";
import type { Phase } from "../outing";
import { dayLight, sunPosition } from "../sun";
import type { Planned } from "./planned";
import { endOf } from "./planned";

// What is taken besides clothes. All common practice, no source: each says when it is asked for.

/** A thing that is no piece of the kit, by what it is for. */
export const THINGS = {
  headlamp: "emergency",
  spareLamp: "emergency",
  telephone: "emergency",
  messenger: "emergency",
  firstAid: "emergency",
  whistle: "emergency",
  mapAndCompass: "emergency",
  survivalBag: "emergency",
  lighter: "emergency",
  iceClaws: "emergency",
  throwLine: "emergency",
  flask: "food",
  food: "food",
  water: "food",
  sunglasses: "faceAndEyes",
  sunCream: "faceAndEyes",
  lipBalm: "faceAndEyes",
  fogCloth: "faceAndEyes",
  watch: "tools",
  spareBatteries: "heat",
  traction: "tools",
  snowshoes: "tools",
  harness: "tools",
  waterproofPouch: "spare",
} as const;
export type Thing = keyof typeof THINGS;
export const THING_KEYS = Object.keys(THINGS) as readonly Thing[];

/** From this height up a person is held by a harness. */
export const HARNESS_FROM_M = 1.8;
/** A sit longer than this asks for something hot. */
const HOT_DRINK_AFTER_MIN = 90;
/** A lamp has a spare where the dark is met. */
export const FAR_FROM_SHELTER_MIN = 15;
const LIPS_BELOW_C = 0;
export const SUN_UP_DEG = 5;
const SUN_STEP_MIN = 30;

/** Whether any minute of the outing is dark; where the place is not known it is taken to be. */
function meetsDark({ setting, startsAtMs, phases }: Planned): boolean {
  const { latitudeDeg, longitudeDeg } = setting;
  if (latitudeDeg === undefined || longitudeDeg === undefined) return true;
  const light = dayLight(startsAtMs, latitudeDeg, longitudeDeg);
  if (light.kind === "polarDay") return false;
  if (light.kind === "polarNight") return true;
  const endMs = startsAtMs + endOf({ phases }) * MS_PER_MINUTE;
  // No dawn or dusk beside a sunrise and a sunset: a white night.
  return (light.dawnMs !== null && startsAtMs < light.dawnMs) || (light.duskMs !== null && endMs > light.duskMs);
}

/** Whether the sun stands high enough to burn for some of the outing. */
function meetsSun({ setting, startsAtMs, phases }: Planned): boolean {
  const { latitudeDeg, longitudeDeg } = setting;
  if (latitudeDeg === undefined || longitudeDeg === undefined) return false;
  for (let minute = 0; minute <= endOf({ phases }); minute += SUN_STEP_MIN) {
    const { elevationDeg } = sunPosition(startsAtMs + minute * MS_PER_MINUTE, latitudeDeg, longitudeDeg);
    if (elevationDeg > SUN_UP_DEG) return true;
  }
  return false;
}

const isOnIce = ({ setting }: Planned): boolean => setting.ground === "ice" || setting.shelter === "openIce";
const isWetted = ({ phases }: Planned): boolean => phases.some(({ wetBy = [] }) => wetBy.length > 0);
const longestSitMin = ({ phases }: Planned): number =>
  Math.max(0, ...phases.filter(({ kind }) => kind === "sit").map(({ minutes }) => minutes));
const worksWithHands = ({ phases }: Planned): boolean =>
  phases.some(({ kind, recurring = [] }) => kind === "task" || recurring.some((own) => own.kind === "task"));
const isFarFromShelter = ({ setting }: Planned): boolean =>
  setting.refuge === undefined || setting.refuge.kind === "none" || setting.refuge.minutesAway > FAR_FROM_SHELTER_MIN;
const needsMessenger = ({ setting }: Planned): boolean => setting.coverage === "none" || setting.coverage === "weak";

/** Whether a spare dry set is asked for: water, or shelter too far away to run to. */
export const needsDrySet = (planned: Planned): boolean =>
  isOnIce(planned) || isWetted(planned) || isFarFromShelter(planned);

/** Pieces of the kit that make a dry set and are not worn: one of each kind next to the skin. */
export function spareSet({ kit, wearings }: Planned): {
  readonly top?: string;
  readonly legs?: string;
  readonly socks?: string;
} {
  const own = drySetOf({ wearings }, kit);
  const find = (has: (piece: (typeof own)[number]) => boolean): string | undefined => own.find(has)?.id;
  const covers = (piece: (typeof own)[number], patch: "chest" | "calf"): boolean =>
    isNextToSkin(piece) && coveredPatches(piece.label).includes(patch);
  const [top, legs, socks] = [
    find((piece) => piece.kind === "garment" && covers(piece, "chest")),
    find((piece) => piece.kind === "garment" && covers(piece, "calf")),
    find(({ kind }) => kind === "sock"),
  ];
  return { ...(top && { top }), ...(legs && { legs }), ...(socks && { socks }) };
}

const walksInSnow = ({ setting, phases }: Planned): boolean =>
  (setting.walkIn?.snowshoes ?? false) ||
  phases.some(({ effort }: Phase) => effort?.kind === "walk" && effort.snowshoes);

/** Things asked for, in the order of THINGS, with whether the plan asks for them. */
const ASKED: Readonly<Record<Thing, (planned: Planned) => boolean>> = {
  headlamp: () => true,
  spareLamp: meetsDark,
  telephone: () => true,
  messenger: needsMessenger,
  firstAid: () => true,
  whistle: () => true,
  mapAndCompass: ({ setting }) => (setting.walkIn?.distanceM ?? 0) > 0 || setting.refuge !== undefined,
  survivalBag: isFarFromShelter,
  lighter: isFarFromShelter,
  iceClaws: isOnIce,
  throwLine: isOnIce,
  flask: (planned) => longestSitMin(planned) > HOT_DRINK_AFTER_MIN,
  food: () => true,
  water: () => true,
  sunglasses: (planned) =>
    meetsSun(planned) && (planned.setting.ground === "snow" || (planned.setting.snowCover ?? false)),
  sunCream: (planned) =>
    meetsSun(planned) && (planned.setting.ground === "snow" || (planned.setting.snowCover ?? false)),
  lipBalm: ({ lowestAirC }) => lowestAirC < LIPS_BELOW_C,
  fogCloth: worksWithHands,
  watch: () => true,
  spareBatteries: () => true,
  traction: isOnIce,
  snowshoes: walksInSnow,
  harness: ({ setting, kit, wearings }) =>
    setting.seatHeightM >= HARNESS_FROM_M &&
    !wearings.some(({ pieceId }) => kit.find(({ id }) => id === pieceId)?.traits.isHarness),
  waterproofPouch: needsDrySet,
};

export const thingsFor = (planned: Planned): Thing[] => THING_KEYS.filter((thing) => ASKED[thing](planned));
