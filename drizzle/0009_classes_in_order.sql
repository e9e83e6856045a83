ALTER TABLE "class" ADD COLUMN "tags" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "class" ADD COLUMN "archived_at" timestamp (3) with time zone;