-- What is written here raises the owners' numbers at once: a table with events still to come cannot be altered.
SET CONSTRAINTS ALL IMMEDIATE;--> statement-breakpoint
ALTER TABLE "person" RENAME COLUMN "held_to" TO "practice_preferences";--> statement-breakpoint
UPDATE "person" SET "practice_preferences" = ("practice_preferences" - 'schools') || jsonb_build_object('practices', coalesce("practice_preferences" -> 'schools', '{}'));--> statement-breakpoint
ALTER TABLE "person" ALTER COLUMN "practice_preferences" SET DEFAULT '{"avoids":[],"practices":{}}'::jsonb;
