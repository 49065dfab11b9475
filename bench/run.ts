import { readFileSync } from "node:fs";
import polygonClipping from "polygon-clipping";
import { arrange } from "@/core/geometry/arrange";
import { rectangleContour } from "@/core/geometry/contour";
import { segment } from "@/core/geometry/curve";
import { emitPlan } from "@/core/job/emitPlan";
import { layOutJob } from "@/core/job/layOutJob";
import { parseJob, parseJobText } from "@/core/job/parseJob";
import { plan, planWallsFirst } from "@/core/job/plan";
import { keepUnchanged } from "@/core/job/planInStages";
import type { Job } from "@/core/job/schema";
import { colourGraph } from "@/core/rounds/colourGraph";
import { groupRegions } from "@/core/rounds/groupRegions";
import { fold } from "@/core/journal/fold";
import { formatMoment } from "@/core/journal/moment";
import { entryOf } from "@/core/journal/tests/entries";

import { hardJob } from "@/core/job/tests/hardJob";
import { brickJob, parsed, printedDocument, separateBlocksJob, stripedJob, tapedJob } from "./jobs";
import { momentsOf } from "./moments";
import { printedWall } from "./prints";

/** A journal of so many entries folded, beside the same written out and read back as JSON. */
function foldedBesideWritten(count: number) {
  const entries = Array.from({ length: count }, (_, index) =>
    entryOf(index, formatMoment(20_000 + Math.floor(index / 1440), index % 1440), "finished", {
      work: [{ wall: "w", act: "coat", of: "region", ids: [`r${index % 5000}`] }],
    }),
  );
  const foldMs = median(() => fold(entries), 5);
  return {
    foldOf100000Ms: foldMs,
    foldBesideJson: round(foldMs / median(() => JSON.parse(JSON.stringify(entries)), 3)),
  };
}

/** What each step that is told of takes in the demo, the first ones aside, which work out what is kept. */
function momentsOfDemo() {
  const taken = momentsOf(readFileSync("docs/examples/ferry-landing.json", "utf8"), "2027-01-11").slice(3);
  return { best: round(Math.min(...taken)), median: round(taken.sort((a, b) => a - b)[taken.length >> 1]!) };
}

/** Prints times in ms, best and median of one run, and ratios as JSON. None is asserted: machines differ. */
function main(): void {
  const demo = parsed(parseJobText(readFileSync("docs/examples/ferry-landing.json", "utf8")));
  const hard = hardJob();
  const small = stripedJob(1000);
  const large = stripedJob(2000);
  const blocks = separateBlocksJob(1000);
  const [demoPlan, hardPlan] = [plan(demo), plan(hard)];
  const [timeSmall, timeLarge] = [median(() => plan(small)), median(() => plan(large))];
  const figures = {
    demoPlanMs: timesOf(() => plan(demo), 60),
    demoStringifyMs: timesOf(() => JSON.stringify(demoPlan)),
    demoEmitMs: timesOf(() => emitPlan(demoPlan)),
    momentOfDemoMs: momentsOfDemo(),
    hardPlanMs: timesOf(() => plan(hard)),
    hardStringifyMs: timesOf(() => JSON.stringify(hardPlan)),
    hardEmitMs: timesOf(() => emitPlan(hardPlan)),
    hardRegions: hardPlan.walls.reduce((sum, wall) => sum + wall.regions.length, 0),
    hardMarks: hardPlan.walls.reduce((sum, wall) => sum + wall.marks.length, 0),
    growthFrom1000To2000: round(timeLarge / timeSmall),
    replanOneWallOfDemoMs: replanOneWall(demo),
    replanOneWallOfHardMs: replanOneWall(hard),
    separateBlocks1000Ms: timesOf(() => plan(blocks), 5),
    planOf60TapedLinesMs: median(() => plan(tapedJob(60))),
    ...facesOfLines(60),
    roundsOf400: roundsBesideGreedy(400),
    ...foldedBesideWritten(100_000),
    prints5000: printsBesideBare(5000),
    plan5000Prints: planOfPrints(5000),
  };
  process.stdout.write(`${JSON.stringify(figures, null, 2)}\n`);
}

function timesOf(work: () => unknown, runs = 15): { best: number; median: number } {
  for (let warm = 0; warm < 3; warm++) work();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return { best: round(times[0]!), median: round(times[Math.floor(runs / 2)]!) };
}

const median = (work: () => unknown, runs?: number): number => timesOf(work, runs).median;

const round = (value: number): number => Math.round(value * 100) / 100;

/** One wall's width is changed again and again: its new walls, as a drag asks for them, and the whole plan. */
function replanOneWall(job: Job) {
  const stages = keepUnchanged();
  plan(job, stages);
  let { width } = job.walls[0]!;
  const wider = (): Job => {
    width += 1;
    return { ...job, walls: job.walls.map((wall, index) => (index === 0 ? { ...wall, width } : wall)) };
  };
  return {
    walls: timesOf(() => planWallsFirst(wider(), stages).walls),
    whole: timesOf(() => plan(wider(), stages)),
  };
}

function printsBesideBare(count: number) {
  const { bare, printed } = printedWall(count);
  return { listed: printed(), bareMs: timesOf(bare), printedMs: timesOf(printed) };
}

/** The whole plan of a field of so many prints, and of its wall without them. */
function planOfPrints(count: number) {
  const document = printedDocument(count);
  const [printed, bare] = [document, { ...document, finishes: [] }].map((each) => parsed(parseJob(each)));
  return { planMs: timesOf(() => plan(printed!)), bareMs: timesOf(() => plan(bare!)) };
}

/** Fewest rounds of a wall's regions beside giving each in turn the first round that is free, and the whole plan. */
function roundsBesideGreedy(count: number) {
  const job = brickJob(count);
  const [wall] = layOutJob(job).walls;
  const { pattern } = wall!.laid!;
  const { pieces, ...exact } = groupRegions([{ pattern, base: "oyster" }], [], () => ({ lightness: 50 }));
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
