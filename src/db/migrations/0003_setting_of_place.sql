ALTER TABLE "place" DROP COLUMN "shelter";--> statement-breakpoint
ALTER TABLE "place" DROP COLUMN "seat_height_m";--> statement-breakpoint
ALTER TABLE "place" DROP COLUMN "ground";