-- A sign-in of the auth library was called a session: here that word is a class on a date.
ALTER TABLE "session" RENAME TO "sign_in";--> statement-breakpoint
ALTER INDEX "session_user" RENAME TO "sign_in_user";--> statement-breakpoint
ALTER INDEX "session_pkey" RENAME TO "sign_in_pkey";--> statement-breakpoint
ALTER TABLE "sign_in" RENAME CONSTRAINT "session_token_unique" TO "sign_in_token_unique";--> statement-breakpoint
ALTER TABLE "sign_in" RENAME CONSTRAINT "session_user_id_user_id_fk" TO "sign_in_user_id_user_id_fk";--> statement-breakpoint
ALTER TABLE "run" RENAME TO "session";--> statement-breakpoint
ALTER TABLE "session" RENAME COLUMN "swaps" TO "substitutes";--> statement-breakpoint
ALTER INDEX "run_pkey" RENAME TO "session_pkey";--> statement-breakpoint
ALTER INDEX "run_studio" RENAME TO "session_studio";--> statement-breakpoint
ALTER TABLE "session" RENAME CONSTRAINT "run_studio_id_studio_id_fk" TO "session_studio_id_studio_id_fk";--> statement-breakpoint
ALTER TABLE "session" RENAME CONSTRAINT "run_class_id_class_id_fk" TO "session_class_id_class_id_fk";--> statement-breakpoint
ALTER TABLE "run_person" RENAME TO "session_person";--> statement-breakpoint
ALTER TABLE "session_person" RENAME COLUMN "run_id" TO "session_id";--> statement-breakpoint
ALTER INDEX "run_person_person" RENAME TO "session_person_person";--> statement-breakpoint
ALTER TABLE "session_person" RENAME CONSTRAINT "run_person_run_id_person_id_pk" TO "session_person_session_id_person_id_pk";--> statement-breakpoint
ALTER TABLE "session_person" RENAME CONSTRAINT "run_person_run_id_run_id_fk" TO "session_person_session_id_session_id_fk";--> statement-breakpoint
ALTER TABLE "session_person" RENAME CONSTRAINT "run_person_person_id_person_id_fk" TO "session_person_person_id_person_id_fk";--> statement-breakpoint
ALTER TABLE "run_event" RENAME TO "session_event";--> statement-breakpoint
ALTER TABLE "session_event" RENAME COLUMN "run_id" TO "session_id";--> statement-breakpoint
ALTER INDEX "run_event_person" RENAME TO "session_event_person";--> statement-breakpoint
ALTER TABLE "session_event" RENAME CONSTRAINT "run_event_run_id_seq_pk" TO "session_event_session_id_seq_pk";--> statement-breakpoint
ALTER TABLE "session_event" RENAME CONSTRAINT "run_event_command" TO "session_event_command";--> statement-breakpoint
ALTER TABLE "session_event" RENAME CONSTRAINT "run_event_run_id_run_id_fk" TO "session_event_session_id_session_id_fk";--> statement-breakpoint
ALTER TABLE "log_entry" RENAME COLUMN "run_id" TO "session_id";--> statement-breakpoint
ALTER INDEX "log_entry_run" RENAME TO "log_entry_session";--> statement-breakpoint
ALTER TABLE "log_entry" RENAME CONSTRAINT "log_entry_run_id_run_id_fk" TO "log_entry_session_id_session_id_fk";--> statement-breakpoint
ALTER TABLE "outbox" RENAME COLUMN "run_id" TO "session_id";--> statement-breakpoint
ALTER TABLE "outbox" RENAME CONSTRAINT "outbox_run_id_run_id_fk" TO "outbox_session_id_session_id_fk";--> statement-breakpoint
ALTER TABLE "whereabouts" RENAME COLUMN "run_id" TO "session_id";--> statement-breakpoint
ALTER TABLE "whereabouts" RENAME CONSTRAINT "whereabouts_run_id_person_id_pk" TO "whereabouts_session_id_person_id_pk";--> statement-breakpoint
ALTER TABLE "whereabouts" RENAME CONSTRAINT "whereabouts_run_id_run_id_fk" TO "whereabouts_session_id_session_id_fk";--> statement-breakpoint
UPDATE "session_event" SET "kind" = 'substitute' WHERE "kind" = 'swap';--> statement-breakpoint
-- Parts that are frozen held English sentences: each becomes a reason that says what was written.
CREATE FUNCTION pg_temp.slot_said(slot jsonb) RETURNS jsonb LANGUAGE sql AS $$
  SELECT CASE WHEN jsonb_typeof(slot -> 'why') IS DISTINCT FROM 'string' THEN slot ELSE slot || jsonb_build_object(
    'why', jsonb_build_object('code', 'written', 'text', slot ->> 'why'),
    'loadReason', NULL,
    'adjust', (
      SELECT coalesce(jsonb_agg(CASE WHEN jsonb_typeof(said) = 'string'
        THEN jsonb_build_object('code', 'written', 'text', said #>> '{}') ELSE said END ORDER BY place), '[]'::jsonb)
      FROM jsonb_array_elements(coalesce(slot -> 'adjust', '[]'::jsonb)) WITH ORDINALITY AS each (said, place)
    ),
    'instead', '[]'::jsonb
  ) END
$$;--> statement-breakpoint
CREATE FUNCTION pg_temp.parts_said(parts jsonb) RETURNS jsonb LANGUAGE sql AS $$
  SELECT coalesce(jsonb_agg(part || jsonb_build_object('slots', (
    SELECT coalesce(jsonb_agg(pg_temp.slot_said(slot) ORDER BY n), '[]'::jsonb)
    FROM jsonb_array_elements(part -> 'slots') WITH ORDINALITY AS s (slot, n)
  )) ORDER BY place), '[]'::jsonb)
  FROM jsonb_array_elements(parts) WITH ORDINALITY AS p (part, place)
$$;--> statement-breakpoint
-- Half of a character or a NUL, which an earlier version took, can't be read by the database: it becomes the sign for it.
CREATE FUNCTION pg_temp.sound(doc json) RETURNS jsonb LANGUAGE plpgsql AS $$
BEGIN
  RETURN doc::jsonb;
EXCEPTION WHEN OTHERS THEN
  RETURN regexp_replace(doc::text, '\\u(0000|[dD][89a-fA-F][0-9a-fA-F]{2})', '\\ufffd', 'g')::jsonb;
END $$;--> statement-breakpoint
UPDATE "session" SET "parts" = pg_temp.parts_said(pg_temp.sound("parts"))::json WHERE "parts" IS NOT NULL;--> statement-breakpoint
UPDATE "session" SET "parts_by_mark" = (
  SELECT jsonb_object_agg(mark, pg_temp.parts_said(parts))::json FROM jsonb_each(pg_temp.sound("parts_by_mark")) AS m (mark, parts)
) WHERE "parts_by_mark" IS NOT NULL;
