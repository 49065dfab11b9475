import { fillTool, tidy, type Editing } from "../editing";
import type { TrowelledLayout } from "./layout";
import { sectionRange } from "./spec";

/** Filled anywhere, its first tone takes the paint. A section is taken hold of as a square in the upper left, where one begins. */
export function editTrowelled({ spec, strip }: TrowelledLayout): Editing {
  const { minX, maxY } = strip.extent;
  const side = Math.sqrt(spec.section_m2) * 1000;
  return {
    handles: [
      {
        id: "section",
        name: "how large a section is",
        at: { x: minX + side, y: maxY - side },
        along: { x: Math.SQRT1_2, y: -Math.SQRT1_2 },
        path: [],
        moveTo: ({ x, y }) => {
          const now = Math.max(0, (x - minX + maxY - y) / 2);
          const area = (now / 1000) ** 2;
          return area < sectionRange.min || area > sectionRange.max
            ? null
            : { set: { section_m2: tidyArea(area) } };
        },
      },
    ],
    tools: [fillTool((_, paint) => ({ path: ["tones", 0], set: { paint } }))],
  };
}

/** m2 to less than a mm2. */
const tidyArea = (area: number): number => tidy(area * 1000) / 1000;
