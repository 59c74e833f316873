CREATE TABLE "outfit" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"name" text NOT NULL,
	"wearings" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "outfit_owner_id_id_pk" PRIMARY KEY("owner_id","id"),
	CONSTRAINT "outfit_name" UNIQUE("owner_id","person_id","name")
);
--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "care" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "outfit" ADD CONSTRAINT "outfit_owner_id_person_id_person_owner_id_id_fk" FOREIGN KEY ("owner_id","person_id") REFERENCES "public"."person"("owner_id","id") ON DELETE no action ON UPDATE no action;