import { bundle, ensureBundled, ensureInstalled } from "./prepare.mjs";

/** npm run plan: the command line, bundled so that it starts at once; see cli/runPlan.ts for what it takes. */
ensureInstalled();
await ensureBundled();
await import(bundle("plan"));
