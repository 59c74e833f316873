import { planted } from "../core/wind/reaches-database";

export const chart = planted;
