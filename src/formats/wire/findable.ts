import { z } from "zod";

const named = z.object({ id: z.string(), name: z.string() });

/** Names of all that can be gone to. */
export const findableSchema = z.object({
  outings: z.array(named.extend({ startsAt: z.string(), timeZone: z.string() })),
  pieces: z.array(named.extend({ personId: z.string(), personName: z.string() })),
  people: z.array(named),
  places: z.array(named),
});
export type Findable = z.infer<typeof findableSchema>;
