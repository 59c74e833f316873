/** What a segment's skin and clothing are at while water is moved; arrays of 17. */
export type WetSkin = {
  readonly skinC: Float64Array;
  readonly operativeC: Float64Array;
  /** Clothing alone, and the air outside it, m²·K/W. */
  readonly clothingM2KPerW: Float64Array;
  readonly airM2KPerW: Float64Array;
  /** Vapour: through clothing and air, and through the air alone, m²·kPa/W. */
  readonly vapourM2KPaPerW: Float64Array;
  readonly airVapourM2KPaPerW: Float64Array;
  readonly vapourPressureKPa: Float64Array;
  /** Saturated at the skin, kPa. */
  readonly skinSaturatedKPa: Float64Array;
  /** Share of the skin that is wet, and heat that evaporation takes as the body computes it, W/m². */
  readonly wettedness: Float64Array;
  readonly evaporatesWPerM2: Float64Array;
  /** Sweat that finds no room to evaporate, W/m² of latent heat. */
  readonly dripsWPerM2: Float64Array;
};
