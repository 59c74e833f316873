CREATE TABLE "person_learnt" (
	"owner_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"learnt" jsonb,
	"stamp" text NOT NULL,
	"model_version" text NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "person_learnt_owner_id_person_id_pk" PRIMARY KEY("owner_id","person_id")
);
--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "uses_notes" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "person_learnt" ADD CONSTRAINT "person_learnt_owner_id_person_id_person_owner_id_id_fk" FOREIGN KEY ("owner_id","person_id") REFERENCES "public"."person"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE CONSTRAINT TRIGGER raise_owner_changes AFTER INSERT OR UPDATE OR DELETE ON "person_learnt" DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION raise_owner_changes();
