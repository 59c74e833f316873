CREATE TABLE "sheet_command" (
	"owner_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"position" integer NOT NULL,
	"id" uuid NOT NULL,
	"label" text NOT NULL,
	"changes" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "sheet_command_owner_id_outing_id_position_pk" PRIMARY KEY("owner_id","outing_id","position"),
	CONSTRAINT "sheet_command_id" UNIQUE("owner_id","id"),
	CONSTRAINT "sheet_command_position" CHECK ("sheet_command"."position" >= 0)
);
--> statement-breakpoint
ALTER TABLE "place" DROP CONSTRAINT "place_shelter";--> statement-breakpoint
ALTER TABLE "place" DROP CONSTRAINT "place_ground";--> statement-breakpoint
ALTER TABLE "place" DROP CONSTRAINT "place_seat_height";--> statement-breakpoint
ALTER TABLE "hour_of_weather" ADD COLUMN "cloud_share" double precision;--> statement-breakpoint
ALTER TABLE "hour_of_weather" ADD COLUMN "precipitation_mm" double precision;--> statement-breakpoint
-- What places and outings have so far becomes their setting.
ALTER TABLE "place" ADD COLUMN "setting" jsonb;--> statement-breakpoint
UPDATE "place" SET "setting" = jsonb_build_object('shelter', "shelter", 'seatHeightM', "seat_height_m", 'ground', "ground");--> statement-breakpoint
ALTER TABLE "place" ALTER COLUMN "setting" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "outing" ADD COLUMN "setting" jsonb;--> statement-breakpoint
UPDATE "outing" SET "setting" = "place"."setting" FROM "place" WHERE "place"."owner_id" = "outing"."owner_id" AND "place"."id" = "outing"."place_id";--> statement-breakpoint
ALTER TABLE "outing" ALTER COLUMN "setting" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "outing" ADD COLUMN "weather_shaped" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "outing" ADD COLUMN "commands_done" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "working_hand" text DEFAULT 'right' NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "cold_hands" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "phase" ADD COLUMN "effort" jsonb;--> statement-breakpoint
ALTER TABLE "phase" ADD COLUMN "leaning" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "phase" ADD COLUMN "hands" text;--> statement-breakpoint
ALTER TABLE "phase" ADD COLUMN "dexterity_needed" integer;--> statement-breakpoint
ALTER TABLE "phase" ADD COLUMN "recurring" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "traits" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "wearing" ADD COLUMN "opened" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "wearing" ADD COLUMN "without_parts" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "wearing" ADD COLUMN "when_off" text DEFAULT 'pack' NOT NULL;--> statement-breakpoint
ALTER TABLE "sheet_command" ADD CONSTRAINT "sheet_command_owner_id_outing_id_outing_owner_id_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."outing"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "hour_of_weather" ADD CONSTRAINT "hour_cloud" CHECK ("hour_of_weather"."cloud_share" between 0 and 1);--> statement-breakpoint
ALTER TABLE "hour_of_weather" ADD CONSTRAINT "hour_precipitation" CHECK ("hour_of_weather"."precipitation_mm" between 0 and 60);--> statement-breakpoint
ALTER TABLE "outing" ADD CONSTRAINT "outing_shelter" CHECK ("outing"."setting" ->> 'shelter' in ('openIce', 'shore', 'edgeOfWood', 'insideWood', 'hide'));--> statement-breakpoint
ALTER TABLE "outing" ADD CONSTRAINT "outing_ground" CHECK ("outing"."setting" ->> 'ground' in ('metal', 'ice', 'snow', 'wood', 'dryGround'));--> statement-breakpoint
ALTER TABLE "outing" ADD CONSTRAINT "outing_seat_height" CHECK (("outing"."setting" ->> 'seatHeightM')::double precision between 0 and 30);--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_working_hand" CHECK ("person"."working_hand" in ('left', 'right'));--> statement-breakpoint
ALTER TABLE "phase" ADD CONSTRAINT "phase_hands" CHECK ("phase"."hands" in ('none', 'working', 'both'));--> statement-breakpoint
ALTER TABLE "phase" ADD CONSTRAINT "phase_dexterity" CHECK ("phase"."dexterity_needed" between 0 and 4);--> statement-breakpoint
ALTER TABLE "place" ADD CONSTRAINT "place_shelter" CHECK ("place"."setting" ->> 'shelter' in ('openIce', 'shore', 'edgeOfWood', 'insideWood', 'hide'));--> statement-breakpoint
ALTER TABLE "place" ADD CONSTRAINT "place_ground" CHECK ("place"."setting" ->> 'ground' in ('metal', 'ice', 'snow', 'wood', 'dryGround'));--> statement-breakpoint
ALTER TABLE "place" ADD CONSTRAINT "place_seat_height" CHECK (("place"."setting" ->> 'seatHeightM')::double precision between 0 and 30);--> statement-breakpoint
ALTER TABLE "wearing" ADD CONSTRAINT "wearing_when_off" CHECK ("wearing"."when_off" in ('pack', 'vehicle', 'hung', 'home'));