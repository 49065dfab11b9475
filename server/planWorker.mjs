import { register } from "tsx/esm/api";

/** The thread that plans, where it is not bundled: TypeScript is understood once tsx is registered here, too. */
register();
await import("./listenForPlans.ts");
