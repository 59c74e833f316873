CREATE TABLE "logbook_photo" (
	"owner_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"jpeg" "bytea" NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "logbook_photo_owner_id_outing_id_pk" PRIMARY KEY("owner_id","outing_id"),
	CONSTRAINT "logbook_photo_size" CHECK (octet_length("logbook_photo"."jpeg") between 4 and 400000)
);
--> statement-breakpoint
ALTER TABLE "logbook_note" ADD COLUMN "today_verdict" jsonb;--> statement-breakpoint
ALTER TABLE "logbook_note" ADD COLUMN "today_model_version" text;--> statement-breakpoint
ALTER TABLE "logbook_photo" ADD CONSTRAINT "logbook_photo_owner_id_outing_id_logbook_note_owner_id_outing_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."logbook_note"("owner_id","outing_id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE CONSTRAINT TRIGGER raise_owner_changes AFTER INSERT OR UPDATE OR DELETE ON "logbook_photo" DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION raise_owner_changes();