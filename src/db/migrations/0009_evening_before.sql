ALTER TABLE "outing" ADD COLUMN "plan" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "outing" ADD COLUMN "party_id" uuid;--> statement-breakpoint
ALTER TABLE "outing" ADD COLUMN "removed_at" timestamp with time zone;--> statement-breakpoint
CREATE INDEX "outing_by_party" ON "outing" USING btree ("owner_id","party_id");