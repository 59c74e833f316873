/** Weather of an hour of a season, at an instant; wind at 10 m. */
export type SeasonHour = {
  /** ms since 1970 UTC. */
  readonly atMs: number;
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly relativeHumidityPercent: number;
  /** 0 … 1; `null` where it is not told. */
  readonly cloudShare: number | null;
  /** As water through the hour that begins here, mm; `null` where it is not told. */
  readonly precipitationMm: number | null;
};

/** Where a season's weather was written down. */
export type SeasonSite = {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly altitudeM: number;
  /** Of the clock the hours are told by, all year. */
  readonly utcOffsetHours: number;
};

export type SeasonWeather = { readonly site: SeasonSite; readonly hours: readonly SeasonHour[] };
