import { bundle, ensureBundled, ensureInstalled } from "./prepare.mjs";

/** npm run rehearse: a plan carried out to the letter, bundled so that it starts at once; see cli/runRehearse.ts. */
ensureInstalled();
await ensureBundled();
await import(bundle("rehearse"));
