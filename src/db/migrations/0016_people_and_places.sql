ALTER TABLE "person" ADD COLUMN "feels" text DEFAULT 'usual' NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "wears_glasses" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "retired" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "place" ADD COLUMN "retired" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_feels" CHECK ("person"."feels" in ('cold', 'usual', 'warm'));