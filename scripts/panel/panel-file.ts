import { z } from "zod";
import { GROUNDS, SEATS } from "@/core/weather";
import { SITTER_POSTURES } from "@/core/sitter";
import { bodySchema } from "@/formats/outing-file/schema/person-schema";

const pieces = z.array(z.string()).default([]);

/** One sit of the panel, with how long practice expects it to last. */
const caseSchema = z.object({
  name: z.string(),
  person: z.string(),
  airC: z.number(),
  windAtSeatMPerS: z.number().min(0),
  kit: z.string(),
  boot: z.string(),
  walkMinutes: z.number().min(0),
  walkRatio: z.number().min(1),
  add: pieces,
  drop: pieces,
  ground: z.enum(GROUNDS),
  seat: z.enum(SEATS).optional(),
  posture: z.enum(SITTER_POSTURES),
  expectMinutes: z.tuple([z.number(), z.number()]),
  expectLimit: z.string().optional(),
  basis: z.string().optional(),
  cloudShare: z.number().min(0).max(1).optional(),
  latitudeDeg: z.number().optional(),
  startsAt: z.string().optional(),
  storedStartC: z.number().optional(),
  walkInFullDress: z.boolean().default(false),
  coldHands: z.boolean().default(false),
});
export type PanelCase = z.infer<typeof caseSchema>;

const panelSchema = z.object({
  people: z.record(z.string(), bodySchema),
  kits: z.record(z.string(), z.object({ walk: z.array(z.string()), sit: z.array(z.string()) })),
  cases: z.array(caseSchema).min(1),
});
export type Panel = z.infer<typeof panelSchema>;

/** @throws {z.ZodError} where the file is no panel */
export const parsePanel = (json: string): Panel => panelSchema.parse(JSON.parse(json));
