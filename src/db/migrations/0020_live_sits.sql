CREATE TABLE "live_reading" (
	"owner_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"sensor" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"value_c" double precision NOT NULL,
	"place" bigserial NOT NULL,
	CONSTRAINT "live_reading_owner_id_outing_id_sensor_at_pk" PRIMARY KEY("owner_id","outing_id","sensor","at")
);
--> statement-breakpoint
CREATE TABLE "live_sit" (
	"owner_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"token_hash" text NOT NULL,
	"began_at" timestamp with time zone NOT NULL,
	"ended_at" timestamp with time zone,
	"votes" jsonb DEFAULT '[]'::jsonb NOT NULL,
	CONSTRAINT "live_sit_owner_id_outing_id_pk" PRIMARY KEY("owner_id","outing_id")
);
--> statement-breakpoint
ALTER TABLE "live_reading" ADD CONSTRAINT "live_reading_owner_id_outing_id_live_sit_owner_id_outing_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."live_sit"("owner_id","outing_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "live_sit" ADD CONSTRAINT "live_sit_owner_id_outing_id_outing_owner_id_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."outing"("owner_id","id") ON DELETE cascade ON UPDATE no action;