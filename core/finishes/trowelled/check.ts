import type { Finding } from "../../findings/finding";
import { mostSections } from "../../work/broken/sections";
import { driftOf, habitOf } from "./drift";
import type { TrowelledSpec } from "./spec";
import type { TrowelledLayout } from "./layout";

/** More sections than anyone lays, and an edge tone that is none of the tones. */
export function checkTrowelled({ spec, strip }: TrowelledLayout): Finding[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  const count = Math.ceil(((maxX - minX) * (maxY - minY)) / 1e6 / spec.section_m2);
  if (count > mostSections / 2)
    return [{ code: "too-many-divisions", severity: "stop", values: { count, of: "sections" }, at: null }];
  return [...edgeApart(spec), ...ofSections(spec)];
}

function edgeApart(spec: TrowelledSpec): Finding[] {
  if (spec.edge === undefined || spec.tones.some(({ paint }) => paint === spec.edge)) return [];
  return [{ own: true, code: "edge-not-a-tone", severity: "note", values: { edge: spec.edge }, at: null }];
}

/** What the sections laid so far come to, and the last ones' habit. */
function ofSections(spec: TrowelledSpec): Finding[] {
  const drift = driftOf(spec);
  const habit = habitOf(spec);
  return [
    ...(drift
      ? [{ own: true, code: "sections-drift", severity: "check", values: { ...drift }, at: null } as const]
      : []),
    ...(habit
      ? [{ own: true, code: "sections-habit", severity: "check", values: { habit }, at: null } as const]
      : []),
  ];
}
