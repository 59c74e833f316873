import { readFileSync, writeFileSync } from "node:fs";
import { methodPage } from "./values";

// Writes docs/method.md, which the page /method shows too, from its text and the values in the code.
const written = await methodPage(readFileSync("docs/source/method.in.md", "utf8"));
writeFileSync("docs/method.md", written);
console.log("docs/method.md");
