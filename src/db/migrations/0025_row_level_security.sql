-- The role of web processes and workers: it owns no table and cannot pass row-level security. Who sets up makes it able to sign in.
DO $$ BEGIN
  IF NOT EXISTS (SELECT FROM pg_roles WHERE rolname = 'umiak_web') THEN
    CREATE ROLE umiak_web NOLOGIN NOSUPERUSER NOBYPASSRLS NOCREATEDB NOCREATEROLE;
  END IF;
EXCEPTION WHEN duplicate_object OR unique_violation THEN NULL; -- another server of the same cluster made it meanwhile
END $$;--> statement-breakpoint
GRANT USAGE ON SCHEMA public TO umiak_web;--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO umiak_web;--> statement-breakpoint
ALTER DEFAULT PRIVILEGES IN SCHEMA public GRANT SELECT, INSERT, UPDATE, DELETE ON TABLES TO umiak_web;--> statement-breakpoint
GRANT USAGE, SELECT ON ALL SEQUENCES IN SCHEMA public TO umiak_web;--> statement-breakpoint
ALTER DEFAULT PRIVILEGES IN SCHEMA public GRANT USAGE, SELECT ON SEQUENCES TO umiak_web;--> statement-breakpoint
-- Whose rows a session or transaction may see; none where nobody was named.
CREATE FUNCTION current_owner() RETURNS uuid LANGUAGE sql STABLE AS $$
  SELECT nullif(current_setting('umiak.owner', true), '')::uuid
$$;--> statement-breakpoint
DO $$ DECLARE own text; BEGIN
  FOR own IN
    SELECT table_name FROM information_schema.columns
    WHERE table_schema = 'public' AND column_name = 'owner_id' AND table_name <> '__drizzle_migrations'
  LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', own);
    EXECUTE format(
      'CREATE POLICY of_owner ON %I USING (owner_id = current_owner()) WITH CHECK (owner_id = current_owner())', own);
  END LOOP;
END $$;--> statement-breakpoint
ALTER TABLE "owner" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY of_owner ON "owner" USING (id = current_owner()) WITH CHECK (id = current_owner());
