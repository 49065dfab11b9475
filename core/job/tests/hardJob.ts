import type { Job } from "../schema";
import { parsed } from "./jobs";

const paints = ["oyster", "kelp", "brine", "lantern"].map((id) => ({
  id,
  packs: [{ size: "1 L", price: 19 }],
}));

/** Six walls with 40 openings and plates, about 2,000 regions and 4,000 marks. */
export function hardDocument() {
  const walls = Array.from({ length: 6 }, (_, wall) => ({
    id: `w${wall}`,
    width: 9000,
    height: 2700,
    base: "oyster",
    openings: [0, 1, 2].map((k) => ({
      id: `o${k}`,
      kind: "window",
      x: 900 + k * 2700,
      y: 900 + wall * 7,
      width: 1000,
      height: 1100,
      casing: 70,
    })),
    fixtures: [0, 1, 2, 3].map((k) => ({
      id: `p${k}`,
      kind: "plate",
      x: 500 + k * 2200,
      y: 300,
      width: 86,
      height: 86,
    })),
  }));
  const finishes = walls.map(({ id }, index) => ({
    id: `f${index}`,
    on: id,
    kind: "stripes",
    direction: 60 + index,
    colours: ["kelp", "brine", "oyster", "lantern"],
    fit: { by: "count", count: 220 },
  }));
  return { format: "jacaranda-job/1", name: "Hard", paints, walls, finishes };
}

export const hardJob = (): Job => parsed(hardDocument());
