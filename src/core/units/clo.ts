import { CLO_M2K_PER_W } from "./constants";

/** Thermal resistance in m²·K/W of an insulation given in clo. @source ISO 9920:2007 */
export const insulationFromClo = (insulationClo: number): number => insulationClo * CLO_M2K_PER_W;

/** Insulation in clo of a thermal resistance given in m²·K/W. @source ISO 9920:2007 */
export const cloFromInsulation = (insulationM2KPerW: number): number => insulationM2KPerW / CLO_M2K_PER_W;
