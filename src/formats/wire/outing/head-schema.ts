import { z } from "zod";
import { nameSchema } from "../../outing-file/schema/common-schema";
import { instantSchema } from "../../within";

const id = z.uuid();

/** What an outing is called, when it begins, who sits and where; on the version it was read at. */
export const outingHeadSchema = z.strictObject({
  version: z.int().min(1),
  name: nameSchema,
  startsAt: instantSchema,
  personId: id,
  placeId: id,
});
export type OutingHeadChange = z.infer<typeof outingHeadSchema>;

/** What came of it. */
export const headChangedSchema = z.strictObject({
  version: z.int().min(1),
  /** Pieces that the new person's kit does not hold: they are no longer worn. */
  leftOff: z.int().min(0),
});
export type HeadChanged = z.infer<typeof headChangedSchema>;
