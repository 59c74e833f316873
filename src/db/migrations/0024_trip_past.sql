CREATE TABLE "trip_past" (
	"owner_id" uuid NOT NULL,
	"trip_id" uuid NOT NULL,
	"version" integer NOT NULL,
	"name" text NOT NULL,
	"content" jsonb NOT NULL,
	"days" jsonb NOT NULL,
	"saved_at" timestamp with time zone NOT NULL,
	CONSTRAINT "trip_past_owner_id_trip_id_version_pk" PRIMARY KEY("owner_id","trip_id","version")
);
--> statement-breakpoint
ALTER TABLE "trip_past" ADD CONSTRAINT "trip_past_owner_id_trip_id_trip_owner_id_id_fk" FOREIGN KEY ("owner_id","trip_id") REFERENCES "public"."trip"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE CONSTRAINT TRIGGER raise_owner_changes AFTER INSERT OR UPDATE OR DELETE ON "trip_past" DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION raise_owner_changes();