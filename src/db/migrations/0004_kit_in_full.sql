ALTER TABLE "piece" ADD COLUMN "note" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "status" text DEFAULT 'inUse' NOT NULL;--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_status" CHECK ("piece"."status" in ('inUse', 'retired', 'deleted'));