import { z } from "zod";
import { WEATHER_COLUMN_KEYS, type WeatherColumn } from "./columns";

const LONGEST_KEY = 120;

/** What a person has said of columns, by their folded heads; "" for one that is left out. */
export type WeatherMapping = Readonly<Record<string, WeatherColumn | "">>;
export const weatherMappingSchema = z.record(z.string().max(LONGEST_KEY), z.enum(["", ...WEATHER_COLUMN_KEYS]));
