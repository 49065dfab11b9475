import { parseJob } from "@/core/job/parseJob";
import type { Job } from "@/core/job/schema";

/** The jobs that times are taken of. */

export function parsed(answer: ReturnType<typeof parseJob>): Job {
  if (!answer.ok) throw new Error(JSON.stringify(answer.problems));
  return answer.job;
}

const paints = ["oyster", "kelp", "brine", "lantern"].map((id) => ({
  id,
  packs: [{ size: "1 L", price: 19 }],
}));

export const stripedJob = (count: number): Job => parsed(parseJob(stripedDocument(count)));

export function stripedDocument(count: number) {
  const walls = [{ id: "w", width: 60000, height: 2700, base: "oyster" }];
  const finishes = [
    { id: "f", on: "w", kind: "stripes", colours: ["kelp", "oyster"], fit: { by: "count", count } },
  ];
  return { format: "jacaranda-job/1", name: "Long", paints, walls, finishes };
}

/** A wall in a grid of cells, so many columns by so many rows. */
export function griddedDocument(columns: number, rows: number) {
  const walls = [{ id: "w", width: 5200, height: 2600, base: "oyster" }];
  const by = (count: number) => ({ by: "count", count });
  const grid = { id: "f", on: "w", kind: "chevron", uprights: true, rise: 40, colours: ["kelp", "brine"] };
  const finishes = [{ ...grid, columns: by(columns), rows: by(rows) }];
  return { format: "jacaranda-job/1", name: "Gridded", paints, walls, finishes };
}

/** So many jobs of one striped wall each, with a number in their names. */
export const manyDocuments = (count: number) =>
  Array.from({ length: count }, (_, index) => ({ ...stripedDocument(13), name: `Job ${index + 1}` }));

/** A wall under full taped lines, an opening in it, its faces shuffled: what one edited line costs. */
export function tapedJob(count: number): Job {
  let state = 11;
  const next = (size: number) => {
    state = (state * 48271) % 2147483647;
    return (state / 2147483647) * size;
  };
  const lines = Array.from({ length: count }, () => ({
    through: [
      [0, next(2700)],
      [4000, next(2700)],
    ],
  }));
  const openings = [{ id: "o", kind: "window", x: 1500, y: 900, width: 900, height: 900, casing: 70 }];
  const walls = [{ id: "w", width: 4000, height: 2700, base: "oyster", openings }];
  const shuffle = { colours: ["kelp", "brine", "lantern"], seed: 3 };
  const finishes = [{ id: "f", on: "w", kind: "tape-lines", lines, shuffle }];
  return parsed(parseJob({ format: "jacaranda-job/1", name: "Taped", paints, walls, finishes }));
}

/** Bricks in half bond, each with a paint of its own choosing: every one touches up to six others. */
export function brickJob(count: number): Job {
  const across = Math.round(Math.sqrt(count));
  const [width, height] = [4000, 2600];
  const [w, h] = [width / across, height / across];
  const colours = ["kelp", "brine", "lantern"];
  let state = 5;
  const blocks = Array.from({ length: count }, (_, index) => {
    const [column, row] = [index % across, Math.floor(index / across)];
    state = (state * 48271) % 2147483647;
    const x = Math.max(0, column * w - (row % 2) * (w / 2));
    return { shape: "rectangle", x, y: row * h, width: w, height: h, colour: colours[state % 3] };
  });
  const walls = [{ id: "w", width, height, base: "oyster" }];
  return parsed(
    parseJob({
      format: "jacaranda-job/1",
      name: "Bricks",
      paints,
      walls,
      // One finish holds up to 200 blocks.
      finishes: [0, 200].map((from) => ({
        id: `f${from}`,
        on: "w",
        kind: "blocks",
        blocks: blocks.slice(from, from + 200),
      })),
    }),
  );
}

/** So many small blocks, none touching another, in finishes of 200. */
export function separateBlocksJob(count: number): Job {
  const across = Math.ceil(Math.sqrt(count * 2));
  const [width, height] = [across * 40, Math.ceil(count / across) * 40];
  const blocks = Array.from({ length: count }, (_, index) => ({
    shape: "rectangle",
    x: (index % across) * 40 + 10,
    y: Math.floor(index / across) * 40 + 10,
    width: 20,
    height: 20,
    colour: ["kelp", "brine", "lantern"][index % 3],
  }));
  const finishes = Array.from({ length: Math.ceil(count / 200) }, (_, index) => ({
    id: `f${index}`,
    on: "w",
    kind: "blocks",
    blocks: blocks.slice(index * 200, index * 200 + 200),
  }));
  const walls = [{ id: "w", width, height, base: "oyster" }];
  return parsed(parseJob({ format: "jacaranda-job/1", name: "Blocks", paints, walls, finishes }));
}

/** A wall on which about so many prints of a leaf lie side by side, a fifth more across than up. */
export function printedDocument(count: number) {
  const repeat = { x: 50, y: 60 };
  const side = Math.round(Math.sqrt(count));
  const leaf = "M -22 -10 L 0 -28 L 22 -10 L 0 10 Z M -10 20 a 10 10 0 0 1 20 0 a 10 10 0 0 1 -20 0 Z";
  return {
    format: "jacaranda-job/1",
    name: `${count} prints`,
    paints: [
      { id: "oyster", hex: "#e9e2d3" },
      { id: "kelp", hex: "#3f5e4c" },
    ],
    stencils: [
      {
        id: "leaf",
        repeat,
        sheet: { width: 90, height: 100 },
        overlays: [{ id: "1", cuts: [{ slot: "leaf", path: leaf }] }],
      },
    ],
    walls: [{ id: "w", width: side * repeat.x, height: side * repeat.y, base: "oyster" }],
    finishes: [
      {
        id: "f",
        on: "w",
        kind: "stencil-field",
        stencil: "leaf",
        start: { x: "left", y: "top" },
        colours: { leaf: "kelp" },
      },
    ],
  };
}
