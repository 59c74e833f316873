import type { Outing } from "@/core/outing";
import { toOuting } from "@/formats/outing-file/to-outing";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import { demoByName, demoFile } from "@/server/demo/demo-file";
import { DEMO_OUTINGS } from "@/server/demo/scenario";

/** The grouse-lek demo outing as a file and as the core takes it: a whole outing for tests to change. */
/** Its pieces have no mass, so that they store no heat: tests that ask for that take a demo outing. */
export const sampleFile = (): OutingFile => {
  const file = demoFile(demoByName("Grouse lek before dawn"));
  return { ...file, pieces: file.pieces.map(({ massG: _massG, ...piece }) => piece) };
};
export const sampleOuting = (): Outing => toOuting(sampleFile());

/** Every demo outing by its name: invented data on which laws are tried. */
export const DEMO_NAMES: readonly string[] = DEMO_OUTINGS.map(({ name }) => name);
export const demoOuting = (name: string): Outing => toOuting(demoFile(demoByName(name)));
