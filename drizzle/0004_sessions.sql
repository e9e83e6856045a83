CREATE TABLE "limit_count" (
	"key" text PRIMARY KEY NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"expire" bigint
);
--> statement-breakpoint
CREATE TABLE "log_entry" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"run_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"field" text NOT NULL,
	"value" json,
	"author" text NOT NULL,
	"at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "member_invite" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"studio_id" uuid NOT NULL,
	"token_hash" text NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp (3) with time zone NOT NULL,
	"used_at" timestamp (3) with time zone,
	CONSTRAINT "member_invite_token_hash_unique" UNIQUE("token_hash")
);
--> statement-breakpoint
CREATE TABLE "outbox" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"studio_id" uuid NOT NULL,
	"run_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"recipient" text NOT NULL,
	"subject" text NOT NULL,
	"sealed" text NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "readiness" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"sealed" text NOT NULL,
	"answered_at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "run_person" (
	"run_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"tonight" json,
	"added_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"invited_at" timestamp (3) with time zone,
	CONSTRAINT "run_person_run_id_person_id_pk" PRIMARY KEY("run_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "whereabouts" (
	"run_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"sealed" text NOT NULL,
	CONSTRAINT "whereabouts_run_id_person_id_pk" PRIMARY KEY("run_id","person_id")
);
--> statement-breakpoint
DROP INDEX "run_studio";--> statement-breakpoint
ALTER TABLE "run" ALTER COLUMN "doc" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ALTER COLUMN "parts" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ALTER COLUMN "moves" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "member" ADD COLUMN "joined_at" timestamp (3) with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "person_link" ADD COLUMN "expires_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "state" text DEFAULT 'open' NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "starts_at" timestamp (3) with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "time_zone" text DEFAULT 'UTC' NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "sequence" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "version" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "swaps" json DEFAULT '[]'::json NOT NULL;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "change_over" json;--> statement-breakpoint
ALTER TABLE "run" ADD COLUMN "started_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "log_entry" ADD CONSTRAINT "log_entry_run_id_run_id_fk" FOREIGN KEY ("run_id") REFERENCES "public"."run"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "log_entry" ADD CONSTRAINT "log_entry_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "member_invite" ADD CONSTRAINT "member_invite_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outbox" ADD CONSTRAINT "outbox_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outbox" ADD CONSTRAINT "outbox_run_id_run_id_fk" FOREIGN KEY ("run_id") REFERENCES "public"."run"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outbox" ADD CONSTRAINT "outbox_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "readiness" ADD CONSTRAINT "readiness_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run_person" ADD CONSTRAINT "run_person_run_id_run_id_fk" FOREIGN KEY ("run_id") REFERENCES "public"."run"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "run_person" ADD CONSTRAINT "run_person_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "whereabouts" ADD CONSTRAINT "whereabouts_run_id_run_id_fk" FOREIGN KEY ("run_id") REFERENCES "public"."run"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "whereabouts" ADD CONSTRAINT "whereabouts_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "log_entry_run" ON "log_entry" USING btree ("run_id");--> statement-breakpoint
CREATE INDEX "log_entry_person" ON "log_entry" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "outbox_studio" ON "outbox" USING btree ("studio_id");--> statement-breakpoint
CREATE INDEX "run_person_person" ON "run_person" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "run_studio" ON "run" USING btree ("studio_id","starts_at");--> statement-breakpoint
UPDATE "run" SET "starts_at" = "created_at", "started_at" = "created_at", "state" = CASE WHEN "ended_at" IS NULL THEN 'running' ELSE 'ended' END;--> statement-breakpoint
INSERT INTO "run_person" ("run_id", "person_id") SELECT "run"."id", "person"."id" FROM "run" CROSS JOIN LATERAL json_array_elements("run"."parts") AS "part" JOIN "person" ON "person"."studio_id" = "run"."studio_id" AND "person"."roster_id" = "part"->>'person' ON CONFLICT DO NOTHING;
