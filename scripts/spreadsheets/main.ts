import { writeFileSync } from "node:fs";
import { describeSpreadsheets } from "./describe";

writeFileSync("docs/formats/spreadsheets.md", await describeSpreadsheets());
console.log("docs/formats/spreadsheets.md");
