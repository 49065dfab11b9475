import { defineConfig } from "drizzle-kit";

export default defineConfig({
  dialect: "postgresql",
  schema: "./store/tables.ts",
  out: "./store/migrations",
});
