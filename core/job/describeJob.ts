import type { Needs, WorkedOut } from "./calculate";
import { describeDays, waitingOf } from "./describeDays";
import { describeMixes, describePaint, describeSundries, describeTools } from "./describePaint";
import { describeRounds } from "./describeRounds";
import { describeTables } from "./describeTables";
import type { WallTeller } from "./describeWall";
import type { LaidOutJob } from "./layOutJob";
import type { PlanSchool } from "./planDayTypes";
import type { Plan, PlanStencil, PlanWall } from "./planTypes";
import { blankFor } from "../stencil/blanks";
import { tryCutSheet } from "../stencil/cutSheet";
import type { Job } from "./schema";
import { speakFinding } from "./speakFinding";
import { speechOf } from "./speechOf";

/** Everything that a plan tells, worked out: its own school first, then the other. */
export interface Worked {
  readonly laidOut: LaidOutJob;
  /** Its walls as they have been told already. */
  readonly told: readonly PlanWall[];
  readonly schools: readonly [WorkedOut, ...WorkedOut[]];
  readonly needs: Needs;
}

/** The plan in words, readings and flat outlines: the one place that speaks. */
export function describeJob({ laidOut, told, schools, needs }: Worked, teller: WallTeller): Plan {
  const { job, walls } = laidOut;
  const speech = speechOf(job);
  const [{ work, schedule }] = schools;
  return {
    format: "jacaranda-plan/1",
    walls: teller.whole(told, laidOut, work, speech),
    paint: needs.paint.map(describePaint),
    ...describeMixes(laidOut.job, needs.paint),
    cost: needs.cost,
    rounds: describeRounds(laidOut, work),
    roundsProof: {
      count: Math.max(0, ...walls.map((wall) => wall.rounds.count)),
      least: Math.max(0, ...walls.map((wall) => wall.rounds.lowerBound)),
    },
    ...(schedule ? describeDays(schedule, work.site, speech) : { work: null, steps: [], days: [] }),
    tapeTotals: work.tape.map(({ widthMm, runM, buyM, rolls, offcutM }) => ({
      width: widthMm,
      run_m: runM,
      buy_m: buyM,
      rolls,
      offcut_m: offcutM,
    })),
    sundries: describeSundries(job, needs, speech),
    tools: describeTools(job, work.tools, speech),
    schools: schools.map(describeSchool),
    ...(job.stencils.length > 0 && { stencils: job.stencils.flatMap(describeStencil) }),
    ...(work.tables.length > 0 && { tables: describeTables(work, speech) }),
    findings: needs.findings.map((finding) => speakFinding(finding, speech)),
  };
}

/** None for one that is too much, which a finding tells. */
function describeStencil(stencil: Job["stencils"][number]): PlanStencil[] {
  const sheet = tryCutSheet(stencil);
  if (!sheet) return [];
  const { slots, islands, bridges, between, hasHalfTurn, cuttingMm } = sheet;
  const open: Record<string, number> = {};
  for (const { slot, openMm2 } of slots) open[slot] = (open[slot] ?? 0) + openMm2;
  return [
    {
      id: stencil.id,
      open_mm2: open,
      islands: islands.map(({ overlay, at, areaMm2 }) => ({ overlay, at: [at.x, at.y], area_mm2: areaMm2 })),
      bridges: bridges.map(({ overlay, width, at }) => ({ overlay, width, at: [at.x, at.y] })),
      ...(between.length > 0 && {
        between: between.map(({ overlays: [first, second], gapMm, overlapMm2, overlapMm, at }) => ({
          overlays: [first, second] as [string, string],
          gap: gapMm,
          overlap_mm2: overlapMm2,
          overlap: overlapMm,
          at: at && ([at.x, at.y] as [number, number]),
        })),
      }),
      blank: blankFor(sheet),
      turns: hasHalfTurn,
      cutting_m: cuttingMm / 1000,
    },
  ];
}

function describeSchool({ work: { school, site, tape }, schedule }: WorkedOut): PlanSchool {
  return {
    school,
    rounds: site.rounds.length,
    tape_m: tape.reduce((sum, { buyM }) => sum + buyM, 0),
    rolls: tape.reduce((sum, { rolls }) => sum + rolls, 0),
    ...(schedule
      ? waitingOf(schedule, site)
      : { days: null, lastDay: null, minutes: null, waiting_min: null }),
  };
}
