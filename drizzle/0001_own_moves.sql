CREATE TABLE "own_move" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"studio_id" uuid NOT NULL,
	"move_id" text NOT NULL,
	"doc" json NOT NULL,
	"updated_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "own_move_id" UNIQUE("studio_id","move_id")
);
--> statement-breakpoint
ALTER TABLE "own_move" ADD CONSTRAINT "own_move_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;