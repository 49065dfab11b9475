import { runPlan } from "./runPlan";
import { terminal } from "./terminal";

process.exitCode = runPlan(process.argv.slice(2), terminal);
