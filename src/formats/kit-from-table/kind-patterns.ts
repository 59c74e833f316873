import { LANES, laneOf, type LaneName } from "@/core/pieces";
import { QUICK_KEYS, quickPiece, type QuickKey } from "@/core/starter-kit";
import { folded } from "../any-table/words";

// What people call their clothes, in English and Norwegian with words that Swedish, Danish and German share. Read on
// folded text, the particular before the general.

/** What a row is: a piece, or a thing that is not worn. */
export type KindGuess = QuickKey | "none";

const PATTERNS: readonly (readonly [KindGuess, RegExp])[] = [
  [
    "none",
    /\b(thermos|flask|bottle|rifle|gun|ammo|stove|fuel|tent|tarp|knife|binoculars?|camera|lens|tripod|drill|auger|rod|reel|headlamp|torch|lamp|lantern|powerbank|power bank|food|snacks?|map|compass|gps|radio|backpack|rucksack|daypack|sleeping bag|first aid|whistle|rope|ice ?(picks|claws)|chair|stool|sunscreen|sledge?|pulk|kniv|kikkert|sekk|ryggsekk|sovepose|telt|stol|lykt|hodelykt|termos|primus|kart|mat|patroner|stativ|fernglas|rucksack|zelt)\b/,
  ],
  ["helmet", /helmet|hjelm|\bhelm\b/],
  ["kneeBrace", /knee ?(brace|support|sleeve|pad)|knebeskytt|knestotte/],
  ["shinGuards", /shin/],
  ["chestProtector", /(chest|torso|back) ?(protector|guard|plate)|brystbeskytt|ryggplate/],
  ["gaiters", /gaiter|gamasj|gamask|gamasch/],
  ["socksHeated", /(heat|electric|varme)\w*.*(sock|sokk|socke)/],
  ["glovesHeated", /(heat|electric|varme)\w*.*(glove|mitt|hansk|handschuh)/],
  ["socksNeoprene", /neopren\w*.*(sock|sokk|socke)/],
  ["glovesNeoprene", /neopren\w*.*(glove|hansk|handschuh)/],
  ["socksWaterproof", /(waterproof|membrane|vanntett\w*|wasserdicht\w*).*(sock|sokk|socke)/],
  ["bootsWading", /wading ?(boot|shoe)|vade(sko|stov|støv)|watschuh/],
  ["neopreneWaders", /neopren\w*.*(wader|vadebukse|vadare|wathose)|(wader|vadebukse|vadare|wathose).*neopren/],
  ["waders", /wader|vadebukse|vadare|wathose/],
  [
    "footbedSheepskin",
    /(sheepskin|lambskin|lambswool|saueskinn|lammeskinn|lammfell).*(insole|footbed|sale|såle|sohle)/,
  ],
  ["footbedFoil", /(foil|alumini|folie).*(insole|footbed|sale|såle|sohle)/],
  ["footbedFelt", /insole|footbed|inner ?sole|innleggss|innersal|innersål|einlegesohle|filtsal|filtsål|\bsåler?\b/],
  ["spareLiner", /(spare|boot|felt|extra) liners?|liners? (for|of)|innerstøv|innerstov|innenschuh/],
  ["footPad", /(foot|feet|standing|stand) ?(pad|mat|board)|fotplate|fotunderlag/],
  [
    "seatPad",
    /(seat|sit|sitting) ?(pad|mat|cushion)|cushion|sitteunderlag|sitteplate|sitzkissen|sittunderlag|liggeunderlag/,
  ],
  ["sheepskin", /sheepskin|reindeer|reinskinn|saueskinn|lammeskinn|skinnfell|\bfell\b/],
  ["muff", /\bmuff/],
  ["mittsOnCord", /(tether|cord|leash|string|snor)\w*.*(mitt|vott)|(mitt|vott)\w*.*(tether|cord|leash|string|snor)/],
  ["mitts", /mitt|\bvott|vantar|luffer|faustling|lovikka/],
  [
    "glovesInsulated",
    /(insulat|padded|ski|warm|winter|vinter|thick|heavy|lined|foret|fôret|thermo)\w*.*(glove|hansk|handschuh)/,
  ],
  ["glovesInsulated", /(glove|hansk|handschuh)\w*.*(insulat|padded|winter|vinter|thick|lined|\d{2,3} ?g)/],
  ["glovesKnitted", /glove|hansk|handsk|handschuh/],
  ["balaclava", /balaclava|finlandshette|sturmhaube|hettelue/],
  ["faceMask", /(face|ansikts?) ?(mask|maske|shield)|\bmaske?\b/],
  [
    "hat",
    /\bhats?\b|beanie|\bcaps?\b|\b(topp|hette|strikke|ull|fleece|skinn|pels|vinter)?lue\b|\blua\b|\bluva\b|\bhue\b|muts|mutze|toque|ushanka|headband|pannebånd|pannebond/,
  ],
  ["neckTube", /neck|scarf|skjerf|\bhals|\bschal|tube|gaiter/],
  ["raincoat", /rain ?coat|regnfrakk|regenmantel|poncho|oilskin|oljehyre|regnjakke/],
  ["cover", /(gear|camera|bag|over ?all|windsack|wind sack) ?cover|vindsekk|\bcape\b/],
  [
    "insulatedTrousers",
    /\bbibs?\b|(insulat|padded|quilt|puffy|thermo|winter|vinter|varme|down|dun|synthetic)\w*.*(trouser|pants|bukse|byx|hose\b|salopett|\blegs?\b)|(trouser|pants|bukse)\w*.*(insulat|padded|winter)|salopett|termobukse/,
  ],
  ["shellTrousers", /(shell|rain|waterproof|regn|skall|membrane|hard)\w*.*(trouser|pants|bukse|byx|hose\b)|regenhose/],
  ["jeans", /jeans|denim|olabukse/],
  ["fleeceTrousers", /fleece.*(trouser|pants|bukse|tights|leggings|byx|hose\b)/],
  [
    "baseLegs",
    /(base|under|thermal|merino|wool|ull|long|net|synthetic|poly)\w*.*(leg|legs|bottoms?|tights?|johns?|underpants|underbukse|longs)\b|long ?johns|\blongs\b|stillongs|ullongs|leggings|\btights\b|lange unterhose|kalsong/,
  ],
  ["walkingTrousers", /trouser|\bpants\b|bukse|\bbyx|\bhose\b|breeches|chinos|nikkers|knickers/],
  ["downVest", /(down|dun|daunen?)\w*.*(vest|gilet)|(vest|gilet).*\bdown\b/],
  ["vest", /\bvest|gilet|body ?warmer|\bweste/],
  [
    "downJacket",
    /\b(down|dun|daunen?)\w*.*(jacket|parka|coat|anorak|jakke|jacka|jacke|sweater|hoody)|(parka|jacket|jakke).*\b(down|dun)\b|dunjakke|dunparkas|daunenjacke/,
  ],
  ["hoodie", /hoodie|hoody|hettegenser|sweatshirt|collegegenser/],
  ["fleeceJacket", /fleece|high pile|\bpile\b/],
  [
    "baseTop",
    /(base ?layer|under ?shirt|underlayer|ulltrøye|ulltroye|ullundertøy|superundert|underställ|unterhemd|thermal)(?!.*(leg|bottom|bukse))|(merino|wool net|mesh|netting|fishnet|helsetrøye|net) .*(top|shirt|crew|zip|tee|trøye|troye|longsleeve)|\btrøye\b|half ?zip|crew ?neck|long ?sleeve|\bbase\b/,
  ],
  [
    "sweater",
    /sweater|jumper|pullover|genser|cardigan|(wool|ull|felt|vadmel|loden).*(shirt|skjorte|jacket|jakke)|islender|strikkejakke|tröja/,
  ],
  [
    "shellJacket",
    /shell|soft ?shell|(rain|wind|waterproof|membrane|vind|skall)\w* ?.*(jacket|jakke|jacka|jacke|smock|coat)|anorak|windbreaker|windproof|smock|vindjakke|regenjacke/,
  ],
  ["insulatedJacket", /parka|puffy|boblejakke|vinterjakke|jacket|\bcoat\b|jakke|jacka|jacke|mantel|anorakk/],
  ["shirt", /shirt|skjorte|skjorta|hemd/],
  ["socks", /sock|sokk|strømp|stromp|strumpf|raggsokk|strumpor/],
  ["bootsFelt", /pac ?boot|(felt|filt)\w*.*(boot|støv|stov|stiefel)|(boot|støv|stov).*(felt|filt)/],
  [
    "bootsRubber",
    /(rubber|gummi)\w*.*(boot|støv|stov|stiefel|stovel)|wellington|wellies|\bwell(y|ies)\b|gummist|sjøst/,
  ],
  [
    "bootsInsulated",
    /(insulat|winter|arctic|snow|polar|extreme|vinter|foret|fôret|lined|warm)\w*.*(boot|støv|stov|\bsko\b|stiefel)|(boot|støv|stov|sko|stiefel)\w*.*(insulat|winter|vinter|foret|fôret|\d{3,4} ?(g|gram|gsm)\b)|\d{3,4} ?(g|gram|gsm)\b.*(boot|støv)/,
  ],
  ["bootsPlain", /boot|støv|stovel|stövel|sko\b|\bshoes?\b|trainers|sneakers|stiefel|schuhe?/],
];

/** Parts of the body as heads of sections and cells of a column name them. */
const ZONES: readonly (readonly [LaneName, RegExp])[] = [
  ["Head", /head|hode|huvud|kopf|face|ansikt|hat/],
  ["Neck", /neck|hals/],
  ["Trunk", /torso|trunk|upper|core|chest|overkropp|kropp|oberkorper|jacket|jakke|tops?\b|shirt|outerwear/],
  ["Hands", /hand|finger|glove|mitt|hender|hander|hande/],
  ["Legs", /\bleg|lower|bottoms?\b|trouser|pants|bukse|\bbein|\bben\b|underkropp|beine/],
  ["Feet", /feet|foot|boot|shoe|sock|føtter|fotter|\bfot|füße|fusse|sko/],
  ["Under", /\bseat|\bpad|sitt|under (seat|feet)/],
];

export const zonesIn = (text: string): readonly LaneName[] => {
  const plain = folded(text);
  return plain === "" ? [] : ZONES.filter(([, pattern]) => pattern.test(plain)).map(([lane]) => lane);
};

const LANE_OF_KEY = new Map<QuickKey, LaneName>(
  QUICK_KEYS.map((key) => {
    const { kind, labelOf, figure } = quickPiece(key);
    return [key, laneOf({ kind, label: labelOf(figure.usual, "new") })];
  }),
);

/** Kinds that a text names, the particular first. */
export const kindsIn = (text: string): readonly KindGuess[] => {
  const plain = folded(text);
  return PATTERNS.filter(([, pattern]) => pattern.test(plain)).map(([key]) => key);
};

/**
 * What a row is, from its name, from what a column says of its kind, and from the head of its section; the part of the
 * body these name decides between kinds. `null`: nobody can tell from the words.
 */
export function guessKind(name: string, kind: string, section: string): KindGuess | null {
  const zones = new Set(kind === "" ? zonesIn(section) : zonesIn(kind));
  const texts = [name, `${name} ${kind}`, kind, `${name} ${section}`, section];
  const fits = (guess: KindGuess): boolean => guess === "none" || zones.has(LANE_OF_KEY.get(guess)!);
  if (zones.size > 0 && zones.size < LANES.length) {
    for (const text of texts) {
      const found = kindsIn(text).find(fits);
      if (found) return found;
    }
  }
  for (const text of texts.slice(0, 3)) {
    const [found] = kindsIn(text);
    if (found) return found;
  }
  return null;
}
