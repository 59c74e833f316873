import * as m from "@/messages";
import { CONDITION_RANGE } from "@/core/sitter";
import { OUTING_RANGE } from "@/core/outing";
import { instantSchema, wholeWithin, within } from "../../within";
import { z } from "zod";

/** Letters of a name. */
export const MOST_NAME = 120;

export const nameSchema = z.string().trim().min(1).max(MOST_NAME);

export const minute = wholeWithin([0, OUTING_RANGE.totalMinutes[1]]);

export const temperatureC = within(CONDITION_RANGE.airTemperatureC);

/** An IANA time zone this machine knows. */
export const timeZoneSchema = z.string().refine(isTimeZone, m.isNotATimeZoneOf);

function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat("en", { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

export const instant = instantSchema;
