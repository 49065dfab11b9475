import type { Finding } from "../findings/finding";
import type { Pass } from "../rounds/listPasses";
import { carryMarks } from "./carryMarks";
import { describeWalls } from "./describeWall";
import { orderWalls, type OrderedWall, type OrderWalls, type Progress } from "./orderWalls";
import { passesOf, tapeOfPass } from "./passes";
import { planPaint } from "./planPaint";
import { planWork } from "./planWork";
import { speakFinding } from "./speakFinding";
import type { Plan, PlanRound } from "./planTypes";
import type { Job } from "./schema";
import { speechOf } from "./speechOf";

/** About how much of a plan's time goes by until its walls are laid out; the rest is its order of work. */
const layingOutShare = 0.6;

/**
 * A job goes in, a plan comes out: pure, and the same for the same job on every engine. Everything that a
 * screen shows, the command line prints or a test checks comes from here.
 */
export function plan(job: Job, order: OrderWalls = orderWalls, progress?: Progress): Plan {
  const speech = speechOf(job);
  const walls = order(job, (share) => progress?.(share * layingOutShare));
  const passes = passesOf(job, walls, job.school);
  const rounds = passes.map((pass) => planRound(job, walls, pass, passes));
  const described = carryMarks(job, describeWalls(job, walls, passes, speech));
  const { findings: climate, ...work } = planWork(job, walls, described, speech, (share) =>
    progress?.(layingOutShare + share * (1 - layingOutShare)),
  );
  const { paint, findings } = planPaint(job, walls, passes, described);
  const cost = sumCost(paint, work.sundries);
  return {
    format: "jacaranda-plan/1",
    walls: described,
    paint,
    cost,
    rounds,
    roundsProof: {
      count: Math.max(0, ...walls.map((wall) => wall.rounds.count)),
      least: Math.max(0, ...walls.map((wall) => wall.rounds.lowerBound)),
    },
    ...work,
    findings: [...climate, ...findings, ...checkBudget(job, cost)].map((finding) =>
      speakFinding(finding, speech),
    ),
  };
}

function sumCost(paint: Plan["paint"], sundries: Plan["sundries"]): Plan["cost"] {
  const sum = (things: readonly { cost: number }[]) => things.reduce((total, { cost }) => total + cost, 0);
  return {
    paint: sum(paint),
    sundries: sum(sundries),
    total: sum(paint) + sum(sundries),
    unpriced: sundries.filter(({ buy, price }) => buy > 0 && price === null).length,
  };
}

function checkBudget({ budget }: Job, { total }: Plan["cost"]): Finding[] {
  if (budget === undefined || total <= budget) return [];
  return [{ code: "over-budget", severity: "check", values: { cost: total, budget }, at: null }];
}

function planRound(job: Job, walls: readonly OrderedWall[], pass: Pass, passes: readonly Pass[]): PlanRound {
  const paintOf = new Map(job.paints.map((paint) => [paint.id, paint]));
  const isIn = (colour: string) => pass.coat === undefined || paintOf.get(colour)!.coats >= pass.coat;
  const waits = new Map<number, number>();
  const regions: string[] = [];
  for (const { laid, groups, tape, wall } of walls) {
    if (!laid) continue;
    laid.pattern.regions.forEach((region, index) => {
      if (groups[index] === pass.group && isIn(region.colour)) regions.push(region.id);
    });
    for (const piece of tapeOfPass(job, tape, pass)) {
      if (piece.over === null) continue;
      // A base that is already on the wall has long dried; one that the job paints is round 0.
      if (piece.over === wall.base && wall.baseState === "on") continue;
      const before = piece.over === wall.base ? 0 : roundBefore(passes, pass, groups[piece.under!]!);
      waits.set(before, Math.max(waits.get(before) ?? 0, paintOf.get(piece.over)!.tapeOverMin));
    }
  }
  return {
    round: pass.round,
    ...(pass.coat !== undefined && { coat: pass.coat }),
    regions,
    waitsFor: [...waits]
      .sort(([a], [b]) => a - b)
      .map(([round, minutes]) => ({ round, what: "tape-over" as const, minutes })),
  };
}

/** The latest earlier round in which a group was painted. */
function roundBefore(passes: readonly Pass[], pass: Pass, group: number): number {
  return passes.findLast((other) => other.round < pass.round && other.group === group)?.round ?? 0;
}
