import { waterAtStart, wetCells, waterCells } from "../dressing";
import type { Outing } from "../outing";
import { createSitter, type BodilyNature, type RestedPerson, type Sitter } from "../sitter";

/** Whoever sits in an outing, as they step out. @param rested when already known */
export const sitterOf = (outing: Outing, nature: BodilyNature, rested?: RestedPerson): Sitter =>
  createSitter(outing.person.body, outing.start, {
    nature,
    rested,
    waterCells: waterCells(outing.pieces),
    wetCells: wetCells(outing),
    waterGPerM2: waterAtStart(outing),
    storedStartC: outing.storedStartC,
  });
