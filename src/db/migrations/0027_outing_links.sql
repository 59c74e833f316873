CREATE TABLE "outing_link" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"outing_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"tells_place" boolean DEFAULT false NOT NULL,
	"token_hash" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "outing_link_owner_id_id_pk" PRIMARY KEY("owner_id","id"),
	CONSTRAINT "outing_link_tokenHash_unique" UNIQUE("token_hash")
);
--> statement-breakpoint
ALTER TABLE "outing_link" ADD CONSTRAINT "outing_link_owner_id_outing_id_outing_owner_id_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."outing"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE CONSTRAINT TRIGGER raise_owner_changes AFTER INSERT OR UPDATE OR DELETE ON "outing_link" DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION raise_owner_changes();--> statement-breakpoint
ALTER TABLE "outing_link" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY of_owner ON "outing_link" USING (owner_id = current_owner()) WITH CHECK (owner_id = current_owner());--> statement-breakpoint
-- Who opens a secret address is no owner: this one question may be asked over all of them.
CREATE FUNCTION link_of_token(hash text) RETURNS TABLE (owner_id uuid, outing_id uuid, kind text, tells_place boolean)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
  SELECT l.owner_id, l.outing_id, l.kind, l.tells_place
  FROM outing_link l JOIN outing o ON o.owner_id = l.owner_id AND o.id = l.outing_id
  WHERE l.token_hash = hash AND o.removed_at IS NULL
$$;--> statement-breakpoint
REVOKE ALL ON FUNCTION link_of_token(text) FROM PUBLIC;--> statement-breakpoint
GRANT EXECUTE ON FUNCTION link_of_token(text) TO umiak_web;
