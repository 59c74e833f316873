import { contactResistances, contactWater, type Conditions, type Rest, type UnderResistances } from "../sitter";
import type { Exertion } from "../effort";
import {
  GROUND_INSULATION_M2K_PER_W,
  groundTemperatureC,
  relativeWind,
  SEAT_INSULATION_M2K_PER_W,
  seatOf,
  seatTemperatureC,
  SHELTER,
  windShareAtSeat,
  type WeatherCourse,
} from "../weather";
import type { WetSurroundings, WettingKind } from "../water";
import type { OutfitState } from "../dressing";
import type { BroughtHeats } from "../dressing";
import type { Doing, Outing, Phase, SpotSurroundings } from "../outing";

/** Wind computed from a forecast is taken in steps: finer than any forecast, and clothing need not be redone each minute. */
export const WIND_STEPS_PER_M_PER_S = 25;

/** A hut or vehicle that says nothing of itself (assumption). */
export const WARM_ROOM = {
  airTemperatureC: 18,
  relativeHumidityPercent: 40,
  relativeWindMPerS: 0.1,
  groundInsulationM2KPerW: 0.2,
} as const satisfies SpotSurroundings;

type Contact = Pick<Conditions, "contactM2KPerW" | "contactWater">;
type Filled = { -readonly [Name in keyof Conditions]: Conditions[Name] };

/** What a person does in one activity of a phase, resolved. */
export type WorkedDoing = Exertion & Rest & { readonly wetBy: readonly WettingKind[]; readonly sinkingCm: number };

/** What surrounds the person while they do one thing in a phase, at any minute of the outing. */
export class ActivityConditions {
  private readonly doing: WorkedDoing;
  private readonly place: Outing["place"];
  private readonly weather: WeatherCourse;
  private readonly spot: SpotSurroundings;
  private readonly windShare: number;
  private readonly under: UnderResistances;
  private readonly contactOf = new Map<OutfitState, Contact>();
  private readonly isIndoors: boolean;
  private readonly rest: Rest;
  private readonly heats: BroughtHeats;
  private readonly wetting: { -readonly [Name in keyof WetSurroundings]: WetSurroundings[Name] };
  private now: Filled | null = null;

  constructor(outing: Outing, weather: WeatherCourse, heats: BroughtHeats, phase: Phase, doing: WorkedDoing) {
    const { place } = outing;
    const moves = doing.walkSpeedMPerS > 0 || doing.rideSpeedMPerS > 0;
    this.heats = heats;
    this.isIndoors = phase.kind === "warmUp";
    this.wetting = {
      posture: doing.posture,
      airTemperatureC: 0,
      precipitationMmPerH: 0,
      skyShare: SHELTER[place.shelter].skyShare,
      snowUnderM2KPerW: this.isIndoors || moves ? null : snowUnderM2KPerW(place, doing.posture),
      by: doing.wetBy,
      sinkingCm: doing.sinkingCm,
      shaftHeightCm: null,
    };
    this.doing = doing;
    this.place = place;
    this.weather = weather;
    this.spot = phase.kind === "warmUp" ? { ...WARM_ROOM, ...phase.spot } : (phase.spot ?? {});
    this.windShare = windShareAtSeat(place.shelter, moves ? 0 : place.seatHeightM);
    const { groundInsulationM2KPerW: stated } = this.spot;
    this.under = {
      groundM2KPerW: stated ?? GROUND_INSULATION_M2K_PER_W[place.ground],
      seatM2KPerW: stated ?? SEAT_INSULATION_M2K_PER_W[seatOf(place)],
    };
    this.rest = { ...doing, wading: place.ground === "water" && !this.isIndoors && !moves };
  }

  /** Conditions in these clothes at a time, minutes of the outing; the same object each time, filled again. */
  at(timeMin: number, dress: OutfitState): Conditions {
    const { doing, spot } = this;
    const weather = this.weather.at(timeMin);
    const airTemperatureC = spot.airTemperatureC ?? weather.airTemperatureC;
    const passing = relativeWind(weather.windMPerS * this.windShare, doing.walkSpeedMPerS + doing.rideSpeedMPerS);
    const now = (this.now ??= this.start(dress));
    now.airTemperatureC = airTemperatureC;
    now.radiantTemperatureC = spot.radiantTemperatureC ?? spot.airTemperatureC ?? weather.radiantTemperatureC;
    now.relativeHumidityPercent = spot.relativeHumidityPercent ?? weather.relativeHumidityPercent;
    now.relativeWindMPerS =
      spot.relativeWindMPerS ?? Math.round(passing * WIND_STEPS_PER_M_PER_S) / WIND_STEPS_PER_M_PER_S;
    now.groundTemperatureC = spot.groundTemperatureC ?? groundTemperatureC(this.place, airTemperatureC);
    now.seatTemperatureC = spot.groundTemperatureC ?? seatTemperatureC(this.place, airTemperatureC);
    if (now.outfit !== dress.outfit) {
      now.outfit = dress.outfit;
      this.wearIn(now, dress);
      now.water = dress.water;
      now.stores = dress.stores;
    }
    now.wetting = dress.water === null ? null : this.wettingAt(weather.precipitationMmPerH, airTemperatureC, dress);
    now.broughtHeat = dress.heaters.length > 0 ? this.heats.at(dress.heaters, timeMin) : null;
    return now;
  }

  /** What meets the clothes from outside; `null` where nothing does. */
  private wettingAt(precipitationMmPerH: number, airTemperatureC: number, dress: OutfitState): WetSurroundings | null {
    if (this.isIndoors) return null;
    const { wetBy, sinkingCm } = this.doing;
    if (precipitationMmPerH === 0 && this.wetting.snowUnderM2KPerW === null && wetBy.length === 0 && sinkingCm === 0)
      return null;
    const { wetting } = this;
    wetting.airTemperatureC = airTemperatureC;
    wetting.precipitationMmPerH = precipitationMmPerH;
    wetting.shaftHeightCm = dress.shaftHeightCm;
    return wetting;
  }

  private start(dress: OutfitState): Filled {
    const { walkSpeedMPerS, posture, activityRatio } = this.doing;
    return {
      airTemperatureC: 0,
      radiantTemperatureC: 0,
      relativeHumidityPercent: 0,
      relativeWindMPerS: 0,
      groundTemperatureC: 0,
      seatTemperatureC: 0,
      walkSpeedMPerS,
      posture,
      activityRatio,
      outfit: dress.outfit,
      ...this.contactFor(dress),
      water: dress.water,
      stores: dress.stores,
      wetting: null,
      broughtHeat: null,
    };
  }

  private wearIn(now: Filled, dress: OutfitState): void {
    const contact = this.contactFor(dress);
    now.contactM2KPerW = contact.contactM2KPerW;
    now.contactWater = contact.contactWater;
  }

  private contactFor(dress: OutfitState): Contact {
    const known = this.contactOf.get(dress);
    if (known) return known;
    const { contactLayers, layers, cellAt, clothFactor } = dress;
    const contact = {
      contactM2KPerW: contactResistances(contactLayers, this.rest, this.under, clothFactor),
      contactWater: dress.water && contactWater(layers, cellAt, this.rest, clothFactor),
    };
    this.contactOf.set(dress, contact);
    return contact;
  }
}

/** Resistance of the snow under what of a person rests; `null` where it rests on none. */
function snowUnderM2KPerW(place: Outing["place"], posture: WorkedDoing["posture"]): number | null {
  const under = posture === "sitting" ? seatOf(place) : place.ground;
  return under === "snow" ? GROUND_INSULATION_M2K_PER_W.snow : null;
}

/** Works a doing out for a person. */
export const workedDoing = (doing: Doing, exertion: Exertion): WorkedDoing => ({
  ...exertion,
  posture: doing.posture,
  leaning: doing.leaning ?? false,
  wetBy: doing.wetBy ?? [],
  sinkingCm: doing.effort?.kind === "walk" && !doing.effort.snowshoes ? (doing.effort.snowSinkingCm ?? 0) : 0,
});
