ALTER TABLE "owner" ADD COLUMN "changes" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
-- Raised once by every transaction that changes a row of an owner, as it commits: whoever reads the number and the rows
-- on one snapshot knows that nothing has changed while the number has not. Deferred, so that no lock on the owner is held
-- while rows of outings are still to be locked.
CREATE FUNCTION raise_owner_changes() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE owner SET changes = changes + 1
    WHERE id = COALESCE(NEW.owner_id, OLD.owner_id) AND xmin <> pg_current_xact_id()::xid;
  RETURN NULL;
END $$;--> statement-breakpoint
DO $$
DECLARE of_table text;
BEGIN
  FOREACH of_table IN ARRAY ARRAY['person', 'place', 'piece', 'piece_photo', 'outfit', 'outing', 'hour_of_weather', 'phase', 'wearing', 'sheet_command'] LOOP
    EXECUTE format('CREATE CONSTRAINT TRIGGER raise_owner_changes AFTER INSERT OR UPDATE OR DELETE ON %I DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION raise_owner_changes()', of_table);
  END LOOP;
END $$;
