ALTER TABLE "outing" DROP CONSTRAINT "outing_ground";--> statement-breakpoint
ALTER TABLE "place" DROP CONSTRAINT "place_ground";--> statement-breakpoint
ALTER TABLE "outing" ADD CONSTRAINT "outing_ground" CHECK ("outing"."setting" ->> 'ground' in ('metal', 'ice', 'snow', 'wood', 'dryGround', 'rock', 'water'));--> statement-breakpoint
ALTER TABLE "place" ADD CONSTRAINT "place_ground" CHECK ("place"."setting" ->> 'ground' in ('metal', 'ice', 'snow', 'wood', 'dryGround', 'rock', 'water'));