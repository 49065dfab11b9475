import { segment } from "../../geometry/curve";
import { lineBetween, type Design, type SetOutLine } from "../../pattern/pattern";
import type { PaperLayout } from "./layout";
import { leastPart } from "./sheets";

/** Sheets, and a plumb line at every seam: what each of them is hung to, so that no error of the first grows down the wall. */
export function designPaper({ spec, strip, drops, onWalls, dropsPerRoll, lastWidth }: PaperLayout): Design[] {
  const { minY, maxY } = strip.extent;
  const seams = drops.slice(1).flatMap(({ n, from }, index) => {
    const before = drops[index]!;
    return from - before.to < leastPart ? [{ n, from, before: before.n }] : [];
  });
  const lines = seams.map(({ n, from, before }, index): SetOutLine => ({
    id: `seam-${before}`,
    index,
    kind: "plumb",
    path: segment({ x: from, y: minY }, { x: from, y: maxY }),
    ...lineBetween(`sheet ${before}`, `sheet ${n}`),
  }));
  const repeat = spec.match === "free" ? null : spec.repeat!;
  return [
    {
      lines,
      dividers: [],
      pieceAt: () => null,
      sheets: { onWalls, dropsPerRoll, lastWidth, hex: spec.hex, repeat },
    },
  ];
}
