import fc from "fast-check";
import { inject } from "vitest";

// Random runs are those of the commit: what passed once passes again, and the next commit tries others.
fc.configureGlobal({ seed: inject("propertySeed") });
