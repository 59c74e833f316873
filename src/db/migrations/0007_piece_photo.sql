CREATE TABLE "piece_photo" (
	"owner_id" uuid NOT NULL,
	"piece_id" uuid NOT NULL,
	"jpeg" "bytea" NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "piece_photo_owner_id_piece_id_pk" PRIMARY KEY("owner_id","piece_id"),
	CONSTRAINT "piece_photo_size" CHECK (octet_length("piece_photo"."jpeg") between 4 and 400000)
);
--> statement-breakpoint
ALTER TABLE "piece_photo" ADD CONSTRAINT "piece_photo_owner_id_piece_id_piece_owner_id_id_fk" FOREIGN KEY ("owner_id","piece_id") REFERENCES "public"."piece"("owner_id","id") ON DELETE cascade ON UPDATE no action;