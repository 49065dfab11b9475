import { segment } from "../../geometry/curve";
import { east, tidy, type Editing } from "../editing";
import type { PaperLayout } from "./layout";
import { seamOf } from "./sheets";

/** A seam is taken hold of, and all sheets go with it. No colour is poured onto paper. */
export function editPaper({ spec, strip, drops }: PaperLayout): Editing {
  const { minX, maxX, minY, maxY } = strip.extent;
  const { width } = spec.roll;
  const seam = seamOf(spec, strip);
  const inner = drops.slice(1).map(({ from }) => from);
  const middle = (minX + maxX) / 2;
  const nearest = inner.reduce<number | null>(
    (best, x) => (best === null || Math.abs(x - middle) < Math.abs(best - middle) ? x : best),
    null,
  );
  // One that was placed stays in the hand, wherever the others are.
  const x = typeof spec.start === "object" ? seam : (nearest ?? seam);
  return {
    handles: [
      {
        id: "seam",
        name: "the seam",
        at: { x, y: (minY + maxY) / 2 },
        along: east,
        path: [segment({ x, y: minY }, { x, y: maxY })],
        // A seam a whole sheet further is the same paper.
        moveTo: (place) =>
          Math.abs(Math.round((place.x - seam) / width) * width + seam - place.x) < 1e-3
            ? { set: { start: spec.start } }
            : { set: { start: { seam: tidy(place.x) } } },
      },
    ],
    tools: [],
  };
}
