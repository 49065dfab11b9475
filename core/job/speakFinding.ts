import { cureLabels, describeFinding } from "../findings/messages";
import type { Finding } from "../findings/finding";
import type { Speech } from "../findings/speech";
import type { PlanFinding } from "./planTypes";

/** A finding in words, with its cure as a change that can be applied. */
export function speakFinding(finding: Finding, speech: Speech): PlanFinding {
  const { code, severity, at, cure } = finding;
  return {
    code,
    severity,
    ...describeFinding(finding, speech),
    at: at && [at.x, at.y],
    ...(cure && { change: { label: cureLabels[cure.kind](cure.count), finish: cure.finish, set: cure.set } }),
  };
}
