CREATE TABLE "journal_sums" (
	"job" text PRIMARY KEY NOT NULL,
	"seq" integer NOT NULL,
	"sum" text NOT NULL
);
