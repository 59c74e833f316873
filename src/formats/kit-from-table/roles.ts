import type { RoleWords } from "../any-table/heads";

/** What a column of somebody's list of clothes may hold. */
export const KIT_ROLES = ["currency", "price", "insulation", "mass", "count", "wear", "note", "kind", "name"] as const;
export type KitRole = (typeof KIT_ROLES)[number];

/**
 * Words of heads in English, Norwegian, Swedish, Danish and German, folded. The order of roles is the order of asking:
 * "item weight" is a mass, "insulation weight" an insulation, "item type" a kind.
 */
export const KIT_ROLE_WORDS: RoleWords<KitRole> = {
  currency: ["currency", "valuta", "wahrung"],
  price:
    "price cost paid value spent pris kostnad kostpris preis kosten bezahlt $ € £ eur nok sek dkk usd gbp kr".split(
      " ",
    ),
  insulation:
    "insulation insul fill filling gsm g/m² g/m2 gr/m2 oz/yd² oz/yd2 thickness thick mm loft fabric clo warmth material fibre isolasjon isolering fyll fylling tykkelse tjocklek tykkelse stoff dammung fullung dicke starke isolation".split(
      " ",
    ),
  mass: "weight mass wt weighs vekt vikt vaegt vægt gewicht masse g gr gram grams gramm kg oz ounces lb lbs pounds".split(
    " ",
  ),
  count: "qty quantity count number pcs pairs antall antal stk anzahl menge # no.".split(" "),
  wear: "condition wear worn state used tilstand slitasje zustand skick".split(" "),
  note: "note notes comment comments remark remarks remember merknad kommentar kommentarer notat notater bemerkung notiz anmerkung anteckning size colour color storrelse farge".split(
    " ",
  ),
  kind: [
    "what for",
    "what it is",
    "body part",
    ..."kind type category zone layer area section group slot where kategori typ lag sone art kategorie bereich schicht plassering kroppsdel".split(
      " ",
    ),
  ],
  name: "name item piece gear garment clothing clothes product model description title article what brand maker make thing navn plagg klaer klær ting utstyr gjenstand benevnelse merke bezeichnung artikel gegenstand kleidung marke namn plagg".split(
    " ",
  ),
};
