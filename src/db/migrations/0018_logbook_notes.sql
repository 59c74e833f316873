CREATE TABLE "logbook_note" (
	"owner_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"felt" jsonb NOT NULL,
	"file" jsonb NOT NULL,
	"verdict" jsonb,
	"model_version" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "logbook_note_owner_id_outing_id_pk" PRIMARY KEY("owner_id","outing_id")
);
--> statement-breakpoint
ALTER TABLE "logbook_note" ADD CONSTRAINT "logbook_note_owner_id_outing_id_outing_owner_id_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."outing"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE CONSTRAINT TRIGGER raise_owner_changes AFTER INSERT OR UPDATE OR DELETE ON "logbook_note" DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION raise_owner_changes();
