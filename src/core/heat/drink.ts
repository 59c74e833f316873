const BODY_C = 37;
const WATER_J_PER_G_K = 4.186; // at usual temperatures, textbook
const JOULES_PER_WH = 3600;

/** A mug from the flask: as much and as hot as one drinks (assumption). */
export const USUAL_DRINK = { massG: 300, temperatureC: 60 } as const;

/** Heat a drink brings above the body's own temperature, W·h; a cold one takes heat. */
export const drinkWh = (massG: number, temperatureC: number): number =>
  (massG * WATER_J_PER_G_K * (temperatureC - BODY_C)) / JOULES_PER_WH;
