import { mkdirSync, writeFileSync } from "node:fs";
import { outingFileJsonSchema } from "@/formats/outing-file/parse";

mkdirSync("docs/formats", { recursive: true });
writeFileSync("docs/formats/outing-2.schema.json", `${JSON.stringify(outingFileJsonSchema(), null, 2)}\n`);
console.log("docs/formats/outing-2.schema.json");
