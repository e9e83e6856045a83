CREATE TABLE "trail" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"kind" text NOT NULL,
	"actor" text NOT NULL,
	"person_id" uuid
);
--> statement-breakpoint
DROP INDEX "run_event_person";--> statement-breakpoint
ALTER TABLE "outbox" ALTER COLUMN "run_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "person_link" ADD COLUMN "made_by" text;--> statement-breakpoint
ALTER TABLE "readiness" ADD COLUMN "code_hash" text;--> statement-breakpoint
ALTER TABLE "run_event" ADD COLUMN "arrived_at" timestamp (3) with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "whereabouts" ADD COLUMN "any_time" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "trail" ADD CONSTRAINT "trail_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trail" ADD CONSTRAINT "trail_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "trail_studio" ON "trail" USING btree ("studio_id","id");--> statement-breakpoint
CREATE INDEX "trail_person" ON "trail" USING btree ("person_id");--> statement-breakpoint
ALTER TABLE "person_link" ADD CONSTRAINT "person_link_made_by_user_id_fk" FOREIGN KEY ("made_by") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "run_event_person" ON "run_event" USING btree ("run_id","person","arrived_at");