import { bundle, ensureBundled, ensureInstalled } from "./prepare.mjs";

/** npm run bundle: checks a job with its journal and pictures; see cli/runBundle.ts. */
ensureInstalled();
await ensureBundled();
await import(bundle("bundle"));
