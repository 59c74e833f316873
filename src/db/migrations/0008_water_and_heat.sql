ALTER TABLE "piece" DROP CONSTRAINT "piece_kind";--> statement-breakpoint
ALTER TABLE "phase" ADD COLUMN "wet_by" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "wearing" ADD COLUMN "heat" jsonb;--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_kind" CHECK ("piece"."kind" in ('garment', 'footwear', 'sock', 'liner', 'footbed', 'handwear', 'headwear', 'neckwear', 'pad', 'protection', 'heatSource'));