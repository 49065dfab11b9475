import { ensureBlankDatabase, ensureBuilt, ensureBundled } from "./prepare.mjs";

/** Builds what npm start builds, for whoever wants that done beside something else. */
ensureBuilt();
await ensureBundled();
await ensureBlankDatabase();
