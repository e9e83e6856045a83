ALTER TABLE "class" ADD COLUMN "title" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "title" text;--> statement-breakpoint
ALTER TABLE "run_event" ADD COLUMN "person" text;--> statement-breakpoint
-- A document with half a character in it can't be searched by the database at all: such a row takes what its raw text says.
CREATE FUNCTION pg_temp.text_of(doc json, key text) RETURNS text LANGUAGE plpgsql AS $$
BEGIN
  RETURN doc ->> key;
EXCEPTION WHEN OTHERS THEN
  RETURN substring(doc::text from '"' || key || '"\s*:\s*"([^"\\]*)"');
END $$;--> statement-breakpoint
UPDATE "class" SET "title" = coalesce(pg_temp.text_of("doc", 'title'), 'A class');--> statement-breakpoint
ALTER TABLE "class" ALTER COLUMN "title" DROP DEFAULT;--> statement-breakpoint
UPDATE "run" SET "title" = pg_temp.text_of("doc", 'title') WHERE "doc" IS NOT NULL;--> statement-breakpoint
UPDATE "run_event" SET "person" = pg_temp.text_of("payload", 'person');--> statement-breakpoint
CREATE INDEX "run_event_person" ON "run_event" USING btree ("run_id","person","at");
