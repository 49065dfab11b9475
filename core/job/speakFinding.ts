import { aboutFinding } from "../findings/about";
import { cureLabels } from "../findings/cureLabels";
import { findingWords } from "../finishes/crafts";
import { describeFinding } from "../findings/messages";
import type { Cure, Finding } from "../findings/finding";
import type { Speech } from "../findings/speech";
import type { PlanChange, PlanFinding } from "../plan/planTypes";

/** A finding in words, with its cure as a change that can be applied. */
export function speakFinding(finding: Finding, speech: Speech): PlanFinding {
  const { code, severity, at, cure } = finding;
  return {
    code,
    severity,
    about: aboutFinding(finding),
    ...describeFinding(finding, findingWords, speech),
    at: at && [at.x, at.y],
    ...(cure && { change: describeCure(cure, speech) }),
  };
}

const describeCure = ({ kind, count, finish, wall, paint, path, set }: Cure, speech: Speech): PlanChange => ({
  label: cureLabels[kind](count, speech),
  ...(finish !== undefined && { finish }),
  ...(wall !== undefined && { wall }),
  ...(paint !== undefined && { paint }),
  ...(path && { path }),
  set,
});
