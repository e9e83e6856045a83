CREATE TABLE "busy_time" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"calendar" text NOT NULL,
	"starts_at" timestamp (3) with time zone NOT NULL,
	"ends_at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "busy_time" ADD CONSTRAINT "busy_time_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "busy_time" ADD CONSTRAINT "busy_time_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "busy_time_studio" ON "busy_time" USING btree ("studio_id","ends_at");