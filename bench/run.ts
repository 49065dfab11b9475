import { readFileSync } from "node:fs";
import polygonClipping from "polygon-clipping";
import { arrange } from "@/core/geometry/arrange";
import { rectangleContour } from "@/core/geometry/contour";
import { segment } from "@/core/geometry/curve";
import { emitPlan } from "@/core/job/emitPlan";
import { keepUnchangedWalls, orderWalls } from "@/core/job/orderWalls";
import { parseJob, parseJobText } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import type { Job } from "@/core/job/schema";
import { colourGraph } from "@/core/rounds/colourGraph";
import { groupRegions } from "@/core/rounds/groupRegions";

/** Prints medians in ms and ratios as JSON. None is asserted: machines differ. */
function main(): void {
  const demo = parsed(parseJobText(readFileSync("docs/examples/ferry-landing.json", "utf8")));
  const hard = hardJob();
  const small = stripedJob(1000);
  const large = stripedJob(2000);
  const [timeSmall, timeLarge] = [median(() => plan(small)), median(() => plan(large))];
  const figures = {
    demoPlanMs: median(() => plan(demo)),
    demoPlanAndTextMs: median(() => emitPlan(plan(demo))),
    hardPlanMs: median(() => plan(hard), 7),
    hardRegions: plan(hard).walls.reduce((sum, wall) => sum + wall.regions.length, 0),
    hardMarks: plan(hard).walls.reduce((sum, wall) => sum + wall.marks.length, 0),
    growthFrom1000To2000: round(timeLarge / timeSmall),
    replanOneWallOfHardMs: replanOneWall(hard),
    planOf60TapedLinesMs: median(() => plan(tapedJob(60))),
    ...facesOfLines(60),
    roundsOf400: roundsBesideGreedy(400),
  };
  process.stdout.write(`${JSON.stringify(figures, null, 2)}\n`);
}

function median(work: () => unknown, runs = 15): number {
  work();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return round(times[Math.floor(runs / 2)]!);
}

const round = (value: number): number => Math.round(value * 100) / 100;

function parsed(answer: ReturnType<typeof parseJob>): Job {
  if (!answer.ok) throw new Error(JSON.stringify(answer.problems));
  return answer.job;
}

const paints = ["oyster", "kelp", "brine", "lantern"].map((id) => ({
  id,
  packs: [{ size: "1 L", price: 19 }],
}));

/** Six walls with 40 openings and plates, about 2,000 regions and 4,000 marks. */
function hardJob(): Job {
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
  return parsed(parseJob({ format: "jacaranda-job/1", name: "Hard", paints, walls, finishes }));
}

function stripedJob(count: number): Job {
  const walls = [{ id: "w", width: 60000, height: 2700, base: "oyster" }];
  const finishes = [
    { id: "f", on: "w", kind: "stripes", colours: ["kelp", "oyster"], fit: { by: "count", count } },
  ];
  return parsed(parseJob({ format: "jacaranda-job/1", name: "Long", paints, walls, finishes }));
}

/** A wall under full taped lines, an opening in it, its faces shuffled: what one edited line costs. */
function tapedJob(count: number): Job {
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

function replanOneWall(job: Job): number {
  const order = keepUnchangedWalls();
  plan(job, order);
  let width = job.walls[0]!.width;
  return median(() => {
    width += 1;
    plan({ ...job, walls: job.walls.map((wall, index) => (index === 0 ? { ...wall, width } : wall)) }, order);
  });
}

/** Bricks in half bond, each with a paint of its own choosing: every one touches up to six others. */
function brickJob(count: number): Job {
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

/** Fewest rounds of a wall's regions beside giving each in turn the first round that is free, and the whole plan. */
function roundsBesideGreedy(count: number) {
  const job = brickJob(count);
  const [wall] = orderWalls(job);
  const { pattern } = wall!.laid!;
  const { pieces, ...exact } = groupRegions([{ pattern, base: "oyster" }], [], () => 50);
  const neighbours = pieces.map((piece) => piece.neighbours);
  const greedy = () => {
    const groups: number[] = [];
    neighbours.forEach((around, node) => {
      const taken = new Set([...around].map((other) => groups[other]));
      let group = 1;
      while (taken.has(group)) group++;
      groups[node] = group;
    });
    return Math.max(...groups);
  };
  return {
    regions: pattern.regions.length,
    rounds: exact.count,
    provedLeast: exact.lowerBound,
    roundsMs: median(() => colourGraph(neighbours)),
    greedyRounds: greedy(),
    greedyMs: median(greedy),
    wholePlanMs: median(() => plan(job)),
  };
}

/** Faces of full lines: our arrangement beside splitting polygons one line at a time. */
function facesOfLines(count: number) {
  const [width, height] = [4000, 2600];
  // A plain congruential sequence, so that no three lines meet in one place.
  let state = 7;
  const next = () => {
    state = (state * 48271) % 2147483647;
    return (state / 2147483647) * height;
  };
  const lines = Array.from({ length: count }, () => segment({ x: 0, y: next() }, { x: width, y: next() }));
  const curves = [...rectangleContour(0, 0, width, height + 1), ...lines].map((curve, source) => ({
    curve,
    source,
  }));
  const arrangeMs = median(() => arrange(curves, 0.01));
  const wall: [number, number][] = [
    [0, 0],
    [width, 0],
    [width, height + 1],
    [0, height + 1],
  ];
  const split = () => {
    let faces: [number, number][][][] = [[wall]];
    for (const { a, b } of lines) {
      const below: [number, number][][] = [
        [
          [0, -1],
          [width, -1],
          [b.x, b.y],
          [a.x, a.y],
        ],
      ];
      faces = faces.flatMap((face) => [
        ...polygonClipping.intersection(face, below),
        ...polygonClipping.difference(face, below),
      ]);
    }
    return faces.length;
  };
  const clippingMs = median(split, 3);
  return {
    lines: count,
    faces: arrange(curves, 0.01).faces.length,
    facesByClipping: split(),
    arrangeMs,
    clippingMs,
    timesFasterThanClipping: round(clippingMs / arrangeMs),
  };
}

main();
