CREATE TABLE "class_here" (
	"class_id" uuid NOT NULL,
	"tab" uuid NOT NULL,
	"user_id" text NOT NULL,
	"block" text NOT NULL,
	"slot" text,
	"at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "class_here_class_id_tab_pk" PRIMARY KEY("class_id","tab")
);
--> statement-breakpoint
CREATE TABLE "class_version" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"class_id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"name" text,
	"user_id" text,
	"doc" json NOT NULL,
	"at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "class_here" ADD CONSTRAINT "class_here_class_id_class_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."class"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "class_here" ADD CONSTRAINT "class_here_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "class_version" ADD CONSTRAINT "class_version_class_id_class_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."class"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "class_version" ADD CONSTRAINT "class_version_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "class_version_class" ON "class_version" USING btree ("class_id","at");