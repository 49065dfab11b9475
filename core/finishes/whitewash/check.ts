import type { Finding } from "../../findings/finding";
import { notBareWood } from "../../wall/notBareWood";
import { mostSections } from "../../work/broken/sections";
import type { WhitewashLayout } from "./layout";

/** Only bare wood takes it: not another ground, not a primer, not paint. */
export function checkWhitewash({ spec, strip }: WhitewashLayout): Finding[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  const count = Math.ceil((spec.direction === "horizontal" ? maxY - minY : maxX - minX) / spec.board);
  if (count > mostSections)
    return [{ code: "too-many-divisions", severity: "stop", values: { count, of: "boards" }, at: null }];
  return strip.parts.flatMap(({ wall }): Finding[] => {
    const why = notBareWood(wall);
    if (why === null) return [];
    return [
      { own: true, code: "not-bare-wood", severity: "check", values: { wall: wall.id, why }, at: null },
    ];
  });
}
