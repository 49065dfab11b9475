import { runBundle } from "./runBundle";
import { terminal } from "./terminal";

process.exitCode = runBundle(process.argv.slice(2), terminal);
