import { v7 as uuid } from "uuid";
import type { PastSit } from "@/formats/logbook/from-table/sit-table";
import type { BroughtIn } from "@/formats/wire/logbook/past-sits-schema";
import { ask } from "../ask";

/** Brings sits of the past in, each with its note. @throws {Error} with a message to show */
export const bringIn = (personId: string, sits: readonly PastSit[]): Promise<BroughtIn> =>
  ask<BroughtIn>("/api/logbook", "POST", {
    personId,
    sits: sits.map(({ line: _line, ...sit }) => ({ id: uuid(), ...sit })),
  });
