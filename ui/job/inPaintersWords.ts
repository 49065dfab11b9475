import type { Problem } from "@/core/job/problem";
import { formatSpan } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";

/** Beyond this a limit is that of the machine and not of the trade. */
const machineLimit = 1e9;

/**
 * What is wrong with an entry as it is told at its field: limits in the job's own units, and neither a value that nobody wrote
 * like that nor a figure that only a machine has.
 */
export function inPaintersWords({ path, message }: Problem, units: UnitSystem): Problem {
  const inUnits = (mm: string) => formatSpan(Number(mm), units);
  const told = message
    .replace(/^(\[.*|\{.*|\S{25,}) is (out of range|not right)/, "This is $2")
    .replace(
      /expected (-?[\d.]+) to (-?[\d.]+) mm\b/,
      (_, least: string, most: string) => `expected ${inUnits(least)} to ${inUnits(most)}`,
    )
    .replace(/expected at most ([\d.]+(?:e\+\d+)?)$/, (all, most: string) =>
      Number(most) > machineLimit ? "expected a smaller number" : all,
    );
  return { path, message: told };
}
