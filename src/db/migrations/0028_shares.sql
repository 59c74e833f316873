CREATE TABLE "share" (
	"id" uuid NOT NULL,
	"owner_id" uuid NOT NULL,
	"owner_name" text NOT NULL,
	"outing_id" uuid,
	"trip_id" uuid,
	"person_id" uuid,
	"may_edit" boolean DEFAULT false NOT NULL,
	"tells_place" boolean DEFAULT false NOT NULL,
	"token_hash" text,
	"expires_at" timestamp with time zone NOT NULL,
	"with_account" uuid,
	"with_name" text,
	"along_outing_id" uuid,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "share_owner_id_id_pk" PRIMARY KEY("owner_id","id"),
	CONSTRAINT "share_tokenHash_unique" UNIQUE("token_hash"),
	CONSTRAINT "share_of_one_thing" CHECK (num_nonnulls("share"."outing_id", "share"."trip_id", "share"."person_id") = 1),
	CONSTRAINT "share_open_or_accepted" CHECK (("share"."token_hash" is null) = ("share"."with_account" is not null))
);
--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "lent_by" uuid;--> statement-breakpoint
ALTER TABLE "share" ADD CONSTRAINT "share_owner_id_outing_id_outing_owner_id_id_fk" FOREIGN KEY ("owner_id","outing_id") REFERENCES "public"."outing"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "share" ADD CONSTRAINT "share_owner_id_trip_id_trip_owner_id_id_fk" FOREIGN KEY ("owner_id","trip_id") REFERENCES "public"."trip"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "share" ADD CONSTRAINT "share_owner_id_person_id_person_owner_id_id_fk" FOREIGN KEY ("owner_id","person_id") REFERENCES "public"."person"("owner_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "share_with_account" ON "share" USING btree ("with_account");--> statement-breakpoint
CREATE CONSTRAINT TRIGGER raise_owner_changes AFTER INSERT OR UPDATE OR DELETE ON "share" DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION raise_owner_changes();--> statement-breakpoint
ALTER TABLE "share" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY of_owner ON "share" USING (owner_id = current_owner()) WITH CHECK (owner_id = current_owner());--> statement-breakpoint
-- One transaction may now change rows of two owners: each one's number is raised, whoever was named last.
ALTER FUNCTION raise_owner_changes() SECURITY DEFINER SET search_path = public, pg_catalog;--> statement-breakpoint
-- What follows crosses from one account to another, each function one question; all of them ask as the owner that was named.
CREATE FUNCTION share_offered(hash text)
  RETURNS TABLE (kind text, item uuid, name text, owner_name text, is_own boolean, may_edit boolean, tells_place boolean)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
  SELECT CASE WHEN s.outing_id IS NOT NULL THEN 'outing' WHEN s.trip_id IS NOT NULL THEN 'trip' ELSE 'kit' END,
         coalesce(s.outing_id, s.trip_id, s.person_id), coalesce(o.name, t.name, p.name), s.owner_name,
         s.owner_id = current_owner(), s.may_edit, s.tells_place
  FROM share s
  LEFT JOIN outing o ON o.owner_id = s.owner_id AND o.id = s.outing_id
  LEFT JOIN trip t ON t.owner_id = s.owner_id AND t.id = s.trip_id
  LEFT JOIN person p ON p.owner_id = s.owner_id AND p.id = s.person_id
  WHERE s.token_hash = hash AND s.expires_at > now() AND o.removed_at IS NULL
$$;--> statement-breakpoint
-- Whoever accepts first has it; what the same account had of the same thing before is replaced.
CREATE FUNCTION accept_share(hash text, account_name text) RETURNS boolean
  LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
DECLARE accepted share; along uuid;
BEGIN
  UPDATE share SET with_account = current_owner(), with_name = account_name, token_hash = NULL
    WHERE token_hash = hash AND expires_at > now() AND owner_id <> current_owner() RETURNING * INTO accepted;
  IF accepted.id IS NULL THEN RETURN false; END IF;
  DELETE FROM share WHERE owner_id = accepted.owner_id AND id <> accepted.id AND with_account = current_owner()
    AND coalesce(outing_id, trip_id, person_id) = coalesce(accepted.outing_id, accepted.trip_id, accepted.person_id)
    RETURNING along_outing_id INTO along;
  UPDATE share SET along_outing_id = along
    WHERE owner_id = accepted.owner_id AND id = accepted.id AND tells_place;
  RETURN true;
END $$;--> statement-breakpoint
CREATE FUNCTION shares_with_me()
  RETURNS TABLE (id uuid, owner_name text, kind text, item uuid, name text, starts_at timestamptz, may_edit boolean,
                 along_outing_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
  SELECT s.id, s.owner_name,
         CASE WHEN s.outing_id IS NOT NULL THEN 'outing' WHEN s.trip_id IS NOT NULL THEN 'trip' ELSE 'kit' END,
         coalesce(s.outing_id, s.trip_id, s.person_id), coalesce(o.name, t.name, p.name), o.starts_at, s.may_edit,
         s.along_outing_id
  FROM share s
  LEFT JOIN outing o ON o.owner_id = s.owner_id AND o.id = s.outing_id
  LEFT JOIN trip t ON t.owner_id = s.owner_id AND t.id = s.trip_id
  LEFT JOIN person p ON p.owner_id = s.owner_id AND p.id = s.person_id
  WHERE s.with_account = current_owner() AND o.removed_at IS NULL
  ORDER BY o.starts_at NULLS LAST, s.created_at
$$;--> statement-breakpoint
-- What lets whoever asks see a thing of another owner: a share of it, of the trip it is a day of, of the kit it is a piece of.
-- Their own thing of that id comes first: then there is none.
CREATE FUNCTION share_of(asked_kind text, asked uuid)
  RETURNS TABLE (id uuid, owner_id uuid, owner_name text, may_edit boolean, tells_place boolean)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
  SELECT s.id, s.owner_id, s.owner_name, s.may_edit, s.tells_place
  FROM share s
  WHERE s.with_account = current_owner() AND CASE asked_kind
    WHEN 'outing' THEN
      EXISTS (SELECT FROM outing o WHERE o.owner_id = s.owner_id AND o.id = asked AND o.removed_at IS NULL)
      AND (s.outing_id = asked OR EXISTS (SELECT FROM trip_day d
        WHERE d.owner_id = s.owner_id AND d.trip_id = s.trip_id AND d.outing_id = asked))
      AND NOT EXISTS (SELECT FROM outing o WHERE o.owner_id = current_owner() AND o.id = asked)
    WHEN 'trip' THEN s.trip_id = asked
      AND NOT EXISTS (SELECT FROM trip t WHERE t.owner_id = current_owner() AND t.id = asked)
    WHEN 'kit' THEN s.person_id = asked
      AND NOT EXISTS (SELECT FROM person p WHERE p.owner_id = current_owner() AND p.id = asked)
    WHEN 'piece' THEN
      EXISTS (SELECT FROM piece p WHERE p.owner_id = s.owner_id AND p.person_id = s.person_id AND p.id = asked)
      AND NOT EXISTS (SELECT FROM piece p WHERE p.owner_id = current_owner() AND p.id = asked)
    ELSE false END
  ORDER BY s.may_edit DESC, s.tells_place DESC, s.created_at
  LIMIT 1
$$;--> statement-breakpoint
CREATE FUNCTION leave_share(asked uuid) RETURNS boolean
  LANGUAGE sql SECURITY DEFINER SET search_path = public AS $$
  WITH gone AS (DELETE FROM share WHERE id = asked AND with_account = current_owner() RETURNING 1)
  SELECT EXISTS (SELECT FROM gone)
$$;--> statement-breakpoint
CREATE FUNCTION leave_all_shares() RETURNS void
  LANGUAGE sql SECURITY DEFINER SET search_path = public AS $$
  DELETE FROM share WHERE with_account = current_owner()
$$;--> statement-breakpoint
-- Whoever a share is with goes along with an outing of their own, to a place they were told.
CREATE FUNCTION go_along(asked uuid, own_outing uuid) RETURNS boolean
  LANGUAGE sql SECURITY DEFINER SET search_path = public AS $$
  WITH along AS (
    UPDATE share SET along_outing_id = own_outing
      WHERE id = asked AND with_account = current_owner() AND outing_id IS NOT NULL AND tells_place
        AND EXISTS (SELECT FROM outing o WHERE o.owner_id = current_owner() AND o.id = own_outing)
      RETURNING 1)
  SELECT EXISTS (SELECT FROM along)
$$;--> statement-breakpoint
-- Everybody's outings who go together with one of whoever asks, that one too: those of their own party, of whoever shares
-- theirs with them, and of all that one is shared with who go along. `may_write`: hours changed there are changed here too.
CREATE FUNCTION party_across(asked uuid) RETURNS TABLE (owner_id uuid, outing_id uuid, may_write boolean)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
  WITH mine AS (
    SELECT o.id FROM outing a JOIN outing o ON o.owner_id = a.owner_id AND (o.id = a.id OR o.party_id = a.party_id)
    WHERE a.owner_id = current_owner() AND a.id = asked AND (o.id = asked OR o.removed_at IS NULL)
  ), hosts AS (
    SELECT s.owner_id, s.outing_id, s.may_edit AS may_write FROM share s
      WHERE s.with_account = current_owner() AND s.along_outing_id IN (SELECT id FROM mine)
    UNION ALL SELECT current_owner(), id, true FROM mine
  ), hosting AS (
    SELECT h.owner_id, o.id AS outing_id, h.may_write
    FROM hosts h
    JOIN outing a ON a.owner_id = h.owner_id AND a.id = h.outing_id
    JOIN outing o ON o.owner_id = a.owner_id AND (o.id = a.id OR o.party_id = a.party_id)
    WHERE a.removed_at IS NULL AND o.removed_at IS NULL
  ), along AS (
    SELECT s.with_account AS owner_id, o.id AS outing_id, h.may_write
    FROM hosting h
    JOIN share s ON s.owner_id = h.owner_id AND s.outing_id = h.outing_id
    JOIN outing a ON a.owner_id = s.with_account AND a.id = s.along_outing_id AND a.removed_at IS NULL
    JOIN outing o ON o.owner_id = a.owner_id AND (o.id = a.id OR o.party_id = a.party_id) AND o.removed_at IS NULL
  ), everybody AS (
    SELECT * FROM hosting UNION ALL SELECT * FROM along UNION ALL SELECT current_owner(), id, true FROM mine
  )
  SELECT e.owner_id, e.outing_id, bool_or(e.may_write) FROM everybody e GROUP BY 1, 2 ORDER BY 1, 2
$$;--> statement-breakpoint
DO $$ DECLARE own text; BEGIN
  FOREACH own IN ARRAY ARRAY['share_offered(text)', 'accept_share(text, text)', 'shares_with_me()', 'share_of(text, uuid)',
                             'leave_share(uuid)', 'leave_all_shares()', 'go_along(uuid, uuid)', 'party_across(uuid)'] LOOP
    EXECUTE format('REVOKE ALL ON FUNCTION %s FROM PUBLIC', own);
    EXECUTE format('GRANT EXECUTE ON FUNCTION %s TO umiak_web', own);
  END LOOP;
END $$;
