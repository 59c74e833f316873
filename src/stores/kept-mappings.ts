import { remembered } from "@/formats/any-table/said";
import { kitMappingSchema, NO_MAPPING, type KitMapping } from "@/formats/kit-from-table/mapping";
import { NO_SIT_MAPPING, sitMappingSchema, type SitMapping } from "@/formats/logbook/from-table/mapping";
import { weatherMappingSchema, type WeatherMapping } from "@/formats/weather-import/mapping";

// What a person has said of the columns of their lists, kept in this browser for the next list.

const KIT = "umiak-kit-mapping";
const WEATHER = "umiak-weather-mapping";
const SITS = "umiak-sit-mapping";

/** What is kept under a name, or nothing where it cannot be read. */
function kept(name: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(name) ?? "null") as unknown;
  } catch {
    return null;
  }
}

function keep(name: string, value: unknown): void {
  try {
    localStorage.setItem(name, JSON.stringify(value));
  } catch {
    // A browser that keeps nothing asks again next time.
  }
}

export const keptKitMapping = (): KitMapping => kitMappingSchema.safeParse(kept(KIT)).data ?? NO_MAPPING;

/** Keeps what was said of a list besides what was said of others before. */
export function keepKitMapping(said: KitMapping): void {
  const before = keptKitMapping();
  // Units and marks are those of one list; heads and names are found again in the next.
  keep(KIT, {
    ...NO_MAPPING,
    roles: remembered(before.roles, said.roles),
    kinds: remembered(before.kinds, said.kinds),
  });
}

export const keptWeatherMapping = (): WeatherMapping => weatherMappingSchema.safeParse(kept(WEATHER)).data ?? {};
export const keepWeatherMapping = (said: WeatherMapping): void => keep(WEATHER, remembered(keptWeatherMapping(), said));

export const keptSitMapping = (): SitMapping => sitMappingSchema.safeParse(kept(SITS)).data ?? NO_SIT_MAPPING;
export function keepSitMapping(said: SitMapping): void {
  const before = keptSitMapping();
  keep(SITS, { roles: remembered(before.roles, said.roles), pieces: remembered(before.pieces, said.pieces) });
}
