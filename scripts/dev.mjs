import { ensureInstalled, root } from "./prepare.mjs";

/** npm run dev: the same server, with pages compiled as they change. */
try {
  process.chdir(root);
  ensureInstalled();
  const { register } = await import("tsx/esm/api");
  register();
  const { serve } = await import("../server/serve.ts");
  await serve(true);
} catch (error) {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
}
