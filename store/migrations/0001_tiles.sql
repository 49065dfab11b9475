ALTER TABLE "jobs" ADD COLUMN "put_away_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "jobs" ADD COLUMN "deleted_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "jobs" ADD COLUMN "figures" text;--> statement-breakpoint
ALTER TABLE "jobs" ADD COLUMN "picture" text;--> statement-breakpoint
ALTER TABLE "jobs" ADD COLUMN "tile_version" integer;