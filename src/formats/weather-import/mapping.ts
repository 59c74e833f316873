import { z } from "zod";
import { LONGEST_KEY, type Said } from "../any-table/said";
import { WEATHER_COLUMN_KEYS, type WeatherColumn } from "./columns";

/** What a person has said of columns, by their folded heads; "" for one that is left out. */
export type WeatherMapping = Said<WeatherColumn | "">;
export const weatherMappingSchema = z.record(z.string().max(LONGEST_KEY), z.enum(["", ...WEATHER_COLUMN_KEYS]));
