import {
  bundle,
  ensureBlankDatabase,
  ensureBuilt,
  ensureBundled,
  ensureInstalled,
  root,
} from "./prepare.mjs";

/**
 * npm start: install if needed, build if stale, then serve from this same process. `npm start -- --restore FILE` brings
 * a job file, or a folder of them such as a backup, back first.
 */
try {
  process.chdir(root);
  ensureInstalled();
  ensureBuilt();
  await ensureBundled();
  await ensureBlankDatabase();
  process.env.NODE_ENV = "production";
  const { serve } = await import(bundle("serve"));
  await serve(false, restoring(process.argv.slice(2)));
} catch (error) {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
}

function restoring(args) {
  if (args.length === 0) return undefined;
  const [flag, path, ...rest] = args;
  if (flag === "--restore" && path && rest.length === 0) return path;
  throw new Error(`There is no ${args.join(" ")}; npm start takes --restore FILE, or nothing.`);
}
