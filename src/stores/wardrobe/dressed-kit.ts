import { v7 as uuid } from "uuid";
import { codeOf, problemOf, type Kit, type OutfitNumbers } from "@/core/wardrobe";
import { wearingsFound } from "@/formats/wire/kit/dresser-kit";
import type { WearingView } from "@/formats/wire/outing/outing-view";

/** An outfit of a kit that was found for a weather or a day. */
export type DressedKit = { readonly kit: Kit; readonly outfit: OutfitNumbers };

/** @param outing the kit's own, on the day it is worn */
export const wearingsOf = ({ kit, outfit }: DressedKit, outing: Kit["outing"] = kit.outing): WearingView[] =>
  wearingsFound(problemOf(kit, outing), codeOf(outfit)).map((wearing) => ({ ...wearing, id: uuid() }));
