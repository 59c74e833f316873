import { mkdirSync, writeFileSync } from "node:fs";
import { demoByName, demoFile } from "@/server/demo/demo-file";
import { dresserExample } from "@/server/demo/dresser-example";

mkdirSync("docs/formats", { recursive: true });
const examples = {
  "grouse-lek": demoFile(demoByName("Grouse lek before dawn")),
  "dress-example": dresserExample(),
};
for (const [name, file] of Object.entries(examples)) {
  writeFileSync(`docs/formats/${name}.json`, `${JSON.stringify(file, null, 2)}\n`);
  console.log(`docs/formats/${name}.json`);
}
