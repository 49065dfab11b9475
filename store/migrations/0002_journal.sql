CREATE TABLE "entries" (
	"job" text NOT NULL,
	"id" text NOT NULL,
	"seq" integer NOT NULL,
	"told" text NOT NULL,
	"entry" text NOT NULL,
	"accepted_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "entries_job_id_pk" PRIMARY KEY("job","id")
);
--> statement-breakpoint
CREATE TABLE "job_versions" (
	"job" text NOT NULL,
	"sha256" text NOT NULL,
	"document" text NOT NULL,
	CONSTRAINT "job_versions_job_sha256_pk" PRIMARY KEY("job","sha256")
);
--> statement-breakpoint
CREATE UNIQUE INDEX "entries_in_turn" ON "entries" USING btree ("job","seq");