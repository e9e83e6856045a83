CREATE TABLE "alone_plan" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"studio_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"title" text NOT NULL,
	"doc" json NOT NULL,
	"day" text NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"withdrawn" boolean DEFAULT false NOT NULL,
	"done" json,
	"done_at" timestamp (3) with time zone,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "calendar_feed" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"studio_id" uuid NOT NULL,
	"person_id" uuid,
	"token_hash" text NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"revoked_at" timestamp (3) with time zone,
	CONSTRAINT "calendar_feed_token_hash_unique" UNIQUE("token_hash")
);
--> statement-breakpoint
CREATE TABLE "progress_decision" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"move" text NOT NULL,
	"step" json NOT NULL,
	"verdict" text NOT NULL,
	"day" text NOT NULL,
	"evidence" text NOT NULL,
	"author" text NOT NULL,
	"at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "season" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"studio_id" uuid NOT NULL,
	"title" text NOT NULL,
	"plan" json NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "season_class" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"season_id" uuid NOT NULL,
	"week" integer NOT NULL,
	"line" integer NOT NULL,
	"session_id" uuid NOT NULL,
	"class_id" uuid NOT NULL,
	"made" json NOT NULL,
	CONSTRAINT "season_class_place" UNIQUE("season_id","week","line")
);
--> statement-breakpoint
ALTER TABLE "alone_plan" ADD CONSTRAINT "alone_plan_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "alone_plan" ADD CONSTRAINT "alone_plan_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "calendar_feed" ADD CONSTRAINT "calendar_feed_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "calendar_feed" ADD CONSTRAINT "calendar_feed_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "progress_decision" ADD CONSTRAINT "progress_decision_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "progress_decision" ADD CONSTRAINT "progress_decision_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "season" ADD CONSTRAINT "season_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "season_class" ADD CONSTRAINT "season_class_season_id_season_id_fk" FOREIGN KEY ("season_id") REFERENCES "public"."season"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "season_class" ADD CONSTRAINT "season_class_session_id_session_id_fk" FOREIGN KEY ("session_id") REFERENCES "public"."session"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "season_class" ADD CONSTRAINT "season_class_class_id_class_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."class"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "alone_plan_person" ON "alone_plan" USING btree ("person_id","day");--> statement-breakpoint
CREATE INDEX "calendar_feed_studio" ON "calendar_feed" USING btree ("studio_id");--> statement-breakpoint
CREATE INDEX "calendar_feed_person" ON "calendar_feed" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "progress_decision_person" ON "progress_decision" USING btree ("person_id","id");--> statement-breakpoint
CREATE INDEX "season_studio" ON "season" USING btree ("studio_id");