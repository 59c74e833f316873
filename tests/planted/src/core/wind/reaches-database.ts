import { readFileSync } from "node:fs";
import { rows } from "../../db/rows";

export const planted = [readFileSync, rows];
