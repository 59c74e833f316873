/** Heat of evaporation at skin temperature, J/g. */
export const LATENT_J_PER_G = 2430;
/** Cloth holds so many times its mass before it hands water on (assumption). */
export const MOST_PER_MASS = 1;
/** Insulation is lost in proportion up to a kg of water a kg of fibre (assumption). */
export const LOST_UP_TO = 1;
