CREATE TABLE "hour_of_weather" (
	"owner_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"air_temperature_c" double precision NOT NULL,
	"wind_m_per_s" double precision NOT NULL,
	"relative_humidity_percent" double precision NOT NULL,
	"radiant_temperature_c" double precision,
	"air_temperature_typed" jsonb,
	"wind_typed" jsonb,
	CONSTRAINT "hour_of_weather_owner_id_outing_id_at_pk" PRIMARY KEY("owner_id","outing_id","at"),
	CONSTRAINT "hour_air_temperature" CHECK ("hour_of_weather"."air_temperature_c" between -60 and 40),
	CONSTRAINT "hour_wind" CHECK ("hour_of_weather"."wind_m_per_s" between 0 and 40),
	CONSTRAINT "hour_humidity" CHECK ("hour_of_weather"."relative_humidity_percent" between 0 and 100)
);
--> statement-breakpoint
CREATE TABLE "outing" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"name" text NOT NULL,
	"person_id" uuid NOT NULL,
	"place_id" uuid NOT NULL,
	"starts_at" timestamp with time zone NOT NULL,
	"invented" boolean DEFAULT false NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"verdict" jsonb,
	"verdict_model_version" text,
	"verdict_input_hash" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "outing_owner_id_id_pk" PRIMARY KEY("owner_id","id")
);
--> statement-breakpoint
CREATE TABLE "owner" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "person" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"name" text NOT NULL,
	"height_m" double precision NOT NULL,
	"mass_kg" double precision NOT NULL,
	"fat_percent" double precision NOT NULL,
	"age_years" integer NOT NULL,
	"sex" text NOT NULL,
	"accepted" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "person_owner_id_id_pk" PRIMARY KEY("owner_id","id"),
	CONSTRAINT "person_height" CHECK ("person"."height_m" between 1 and 2.3),
	CONSTRAINT "person_mass" CHECK ("person"."mass_kg" between 20 and 220),
	CONSTRAINT "person_fat" CHECK ("person"."fat_percent" between 3 and 60),
	CONSTRAINT "person_age" CHECK ("person"."age_years" between 6 and 100),
	CONSTRAINT "person_sex" CHECK ("person"."sex" in ('female', 'male'))
);
--> statement-breakpoint
CREATE TABLE "phase" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"position" integer NOT NULL,
	"kind" text NOT NULL,
	"minutes" integer NOT NULL,
	"posture" text NOT NULL,
	"activity_ratio" double precision NOT NULL,
	"walk_speed_m_per_s" double precision NOT NULL,
	CONSTRAINT "phase_owner_id_id_pk" PRIMARY KEY("owner_id","id"),
	CONSTRAINT "phase_position" UNIQUE("owner_id","outing_id","position"),
	CONSTRAINT "phase_kind" CHECK ("phase"."kind" in ('walkIn', 'setUp', 'sit', 'task', 'break', 'walkOut')),
	CONSTRAINT "phase_minutes" CHECK ("phase"."minutes" between 1 and 1440),
	CONSTRAINT "phase_posture" CHECK ("phase"."posture" in ('standing', 'sitting')),
	CONSTRAINT "phase_activity" CHECK ("phase"."activity_ratio" between 1 and 12),
	CONSTRAINT "phase_walk" CHECK ("phase"."walk_speed_m_per_s" between 0 and 2)
);
--> statement-breakpoint
CREATE TABLE "piece" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"label" jsonb NOT NULL,
	"fingers_together" boolean DEFAULT false NOT NULL,
	"mass_g" integer,
	"price_minor" integer,
	"currency" text,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "piece_owner_id_id_pk" PRIMARY KEY("owner_id","id"),
	CONSTRAINT "piece_kind" CHECK ("piece"."kind" in ('garment', 'footwear', 'sock', 'liner', 'footbed', 'handwear', 'headwear', 'neckwear', 'pad')),
	CONSTRAINT "piece_mass" CHECK ("piece"."mass_g" is null or "piece"."mass_g" > 0),
	CONSTRAINT "piece_price" CHECK (("piece"."price_minor" is null) = ("piece"."currency" is null))
);
--> statement-breakpoint
CREATE TABLE "place" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"name" text NOT NULL,
	"shelter" text NOT NULL,
	"seat_height_m" double precision NOT NULL,
	"ground" text NOT NULL,
	"time_zone" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "place_owner_id_id_pk" PRIMARY KEY("owner_id","id"),
	CONSTRAINT "place_shelter" CHECK ("place"."shelter" in ('openIce', 'shore', 'edgeOfWood', 'insideWood', 'hide')),
	CONSTRAINT "place_ground" CHECK ("place"."ground" in ('metal', 'ice', 'snow', 'wood', 'dryGround')),
	CONSTRAINT "place_seat_height" CHECK ("place"."seat_height_m" between 0 and 30)
);
--> statement-breakpoint
CREATE TABLE "wearing" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"piece_id" uuid NOT NULL,
	"side" text NOT NULL,
	"rank" integer NOT NULL,
	"from_minute" integer NOT NULL,
	"to_minute" integer NOT NULL,
	CONSTRAINT "wearing_owner_id_id_pk" PRIMARY KEY("owner_id","id"),
	CONSTRAINT "wearing_side" CHECK ("wearing"."side" in ('left', 'right', 'both')),
	CONSTRAINT "wearing_rank" CHECK ("wearing"."rank" between 0 and 99),
	CONSTRAINT "wearing_span" CHECK ("wearing"."from_minute" >= 0 and "wearing"."to_minute" > "wearing"."from_minute")
);
--> statement-breakpoint
ALTER TABLE "hour_of_weather" ADD CONSTRAINT "hour_of_weather_owner_id_outing_id_outing_owner_id_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."outing"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outing" ADD CONSTRAINT "outing_owner_id_person_id_person_owner_id_id_fk" FOREIGN KEY ("owner_id","person_id") REFERENCES "public"."person"("owner_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outing" ADD CONSTRAINT "outing_owner_id_place_id_place_owner_id_id_fk" FOREIGN KEY ("owner_id","place_id") REFERENCES "public"."place"("owner_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_owner_id_owner_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."owner"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "phase" ADD CONSTRAINT "phase_owner_id_outing_id_outing_owner_id_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."outing"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_owner_id_person_id_person_owner_id_id_fk" FOREIGN KEY ("owner_id","person_id") REFERENCES "public"."person"("owner_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "place" ADD CONSTRAINT "place_owner_id_owner_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."owner"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "wearing" ADD CONSTRAINT "wearing_owner_id_outing_id_outing_owner_id_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."outing"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "wearing" ADD CONSTRAINT "wearing_owner_id_piece_id_piece_owner_id_id_fk" FOREIGN KEY ("owner_id","piece_id") REFERENCES "public"."piece"("owner_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "outing_by_start" ON "outing" USING btree ("owner_id","starts_at");--> statement-breakpoint
CREATE INDEX "piece_by_person" ON "piece" USING btree ("owner_id","person_id");--> statement-breakpoint
CREATE INDEX "wearing_by_outing" ON "wearing" USING btree ("owner_id","outing_id");--> statement-breakpoint
CREATE INDEX "wearing_by_piece" ON "wearing" USING btree ("owner_id","piece_id");