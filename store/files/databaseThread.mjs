import { register } from "tsx/esm/api";

/** The thread of the database, where it is not bundled: TypeScript is understood once tsx is registered here, too. */
register();
await import("./databaseThread.ts");
