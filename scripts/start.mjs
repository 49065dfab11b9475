import { ensureBuilt, ensureInstalled, root } from "./prepare.mjs";

/** npm start: install if needed, build if stale, then serve from this same process. */
try {
  process.chdir(root);
  ensureInstalled();
  ensureBuilt();
  process.env.NODE_ENV = "production";
  const { register } = await import("tsx/esm/api");
  register();
  const { serve } = await import("../server/serve.ts");
  await serve(false);
} catch (error) {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
}
