import { defineConfig } from "drizzle-kit";

export default defineConfig({
  dialect: "postgresql",
  schema: "./store/repositories/tables.ts",
  out: "./store/migrations",
});
