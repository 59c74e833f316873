import { mkdirSync, writeFileSync } from "node:fs";
import { backupJsonSchema } from "@/formats/backup/parse";
import { kitFileJsonSchema } from "@/formats/kit-file/read-kit";
import { describeStarterKits } from "@/formats/starter-kit/describe-kits";
import { outingFileJsonSchema } from "@/formats/outing-file/parse";
import { pastSitsJsonSchema } from "@/formats/wire/logbook/past-sits-schema";

mkdirSync("docs/formats", { recursive: true });
const schemas = {
  "outing-2": outingFileJsonSchema(),
  "kit-1": kitFileJsonSchema(),
  "backup-3": backupJsonSchema(),
  "past-sits-1": pastSitsJsonSchema(),
};
for (const [name, schema] of Object.entries(schemas)) {
  const file = `docs/formats/${name}.schema.json`;
  writeFileSync(file, `${JSON.stringify(schema, null, 2)}\n`);
  console.log(file);
}
writeFileSync("docs/starter-kit.md", describeStarterKits());
console.log("docs/starter-kit.md");
