ALTER TABLE "jobs" ADD COLUMN "asked_by" text;--> statement-breakpoint
ALTER TABLE "jobs" ADD CONSTRAINT "jobs_asked_by_unique" UNIQUE("asked_by");