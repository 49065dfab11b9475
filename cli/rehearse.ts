import { runRehearse } from "./runRehearse";
import { terminal } from "./terminal";

process.exitCode = runRehearse(process.argv.slice(2), terminal);
