CREATE TABLE "trip" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"name" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "trip_owner_id_id_pk" PRIMARY KEY("owner_id","id")
);
--> statement-breakpoint
CREATE TABLE "trip_day" (
	"owner_id" uuid NOT NULL,
	"trip_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"night" jsonb NOT NULL,
	CONSTRAINT "trip_day_owner_id_trip_id_outing_id_pk" PRIMARY KEY("owner_id","trip_id","outing_id")
);
--> statement-breakpoint
ALTER TABLE "trip" ADD CONSTRAINT "trip_owner_id_owner_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."owner"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trip_day" ADD CONSTRAINT "trip_day_owner_id_trip_id_trip_owner_id_id_fk" FOREIGN KEY ("owner_id","trip_id") REFERENCES "public"."trip"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trip_day" ADD CONSTRAINT "trip_day_owner_id_outing_id_outing_owner_id_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."outing"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE CONSTRAINT TRIGGER raise_owner_changes AFTER INSERT OR UPDATE OR DELETE ON "trip" DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION raise_owner_changes();--> statement-breakpoint
CREATE CONSTRAINT TRIGGER raise_owner_changes AFTER INSERT OR UPDATE OR DELETE ON "trip_day" DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION raise_owner_changes();