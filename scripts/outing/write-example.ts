import { mkdirSync, writeFileSync } from "node:fs";
import { demoByName, demoFile } from "@/server/demo/demo-file";

mkdirSync("docs/formats", { recursive: true });
writeFileSync(
  "docs/formats/grouse-lek.json",
  `${JSON.stringify(demoFile(demoByName("Grouse lek before dawn")), null, 2)}\n`,
);
console.log("docs/formats/grouse-lek.json");
