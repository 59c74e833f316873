import { defineConfig } from "drizzle-kit";

export default defineConfig({
  dialect: "postgresql",
  schema: [
    "./src/db/schema.ts",
    "./src/db/jobs-schema.ts",
    "./src/db/logbook-schema.ts",
    "./src/db/live-schema.ts",
    "./src/db/trip-schema.ts",
    "./src/db/account-schema.ts",
    "./src/db/link-schema.ts",
    "./src/db/share-schema.ts",
  ],
  out: "./src/db/migrations",
  casing: "snake_case",
});
