import type { Finding } from "../../findings/finding";
import { mostSections } from "../../work/broken/sections";
import type { TrowelledLayout } from "./layout";

/** More sections than anyone lays, and an edge tone that is none of the tones. */
export function checkTrowelled({ spec, strip }: TrowelledLayout): Finding[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  const count = Math.ceil(((maxX - minX) * (maxY - minY)) / 1e6 / spec.section_m2);
  if (count > mostSections / 2)
    return [{ code: "too-many-divisions", severity: "stop", values: { count }, at: null }];
  if (spec.edge === undefined || spec.tones.some(({ paint }) => paint === spec.edge)) return [];
  return [{ own: true, code: "edge-not-a-tone", severity: "note", values: { edge: spec.edge }, at: null }];
}
