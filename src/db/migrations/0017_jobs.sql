CREATE TABLE "job" (
	"owner_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"work" text NOT NULL,
	"model_version" text NOT NULL,
	"input_hash" text NOT NULL,
	"input" jsonb NOT NULL,
	"state" text DEFAULT 'waiting' NOT NULL,
	"stage" integer DEFAULT 0 NOT NULL,
	"asked" integer DEFAULT 0 NOT NULL,
	"result" jsonb,
	"message" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"begun_at" timestamp with time zone,
	CONSTRAINT "job_owner_id_id_pk" PRIMARY KEY("owner_id","id"),
	CONSTRAINT "job_question" UNIQUE("owner_id","work","model_version","input_hash"),
	CONSTRAINT "job_state" CHECK ("job"."state" in ('waiting', 'done', 'failed', 'cancelled'))
);
--> statement-breakpoint
CREATE TABLE "job_part" (
	"owner_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"stage" integer NOT NULL,
	"place" integer NOT NULL,
	"answer" jsonb NOT NULL,
	CONSTRAINT "job_part_owner_id_job_id_stage_place_pk" PRIMARY KEY("owner_id","job_id","stage","place")
);
--> statement-breakpoint
ALTER TABLE "job" ADD CONSTRAINT "job_owner_id_owner_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."owner"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "job_part" ADD CONSTRAINT "job_part_owner_id_job_id_job_owner_id_id_fk" FOREIGN KEY ("owner_id","job_id") REFERENCES "public"."job"("owner_id","id") ON DELETE cascade ON UPDATE no action;