import type { Needs, WorkedOut } from "./calculate";
import { describeBoards } from "./describeBoards";
import { describeDays, waitingOf } from "./describeDays";
import { describeMixes, describePaint, describeSundries, describeTools } from "./describePaint";
import { describeRounds } from "./describeRounds";
import { describeSets } from "./describeSets";
import { describeTables } from "./describeTables";
import type { Taping } from "./describeTape";
import type { WallTeller } from "./describeWall";
import type { LaidOutJob } from "./orderedWall";
import type { PlanSchool } from "../plan/planDayTypes";
import { describeStencil } from "./describeStencil";
import type { Plan, PlanWall } from "../plan/planTypes";
import { loadsInTurn } from "./loadsInTurn";
import { speakFinding } from "./speakFinding";
import { speechOf } from "./speechOf";

/** Everything that a plan tells, worked out: its own school first, then the other. */
export interface Worked {
  readonly laidOut: LaidOutJob;
  readonly taping: Taping;
  /** Its walls as they have been told already. */
  readonly told: readonly PlanWall[];
  readonly schools: readonly [WorkedOut, ...WorkedOut[]];
  readonly needs: Needs;
}

/** The plan in words, readings and flat outlines: the one place that speaks. */
export function describeJob({ laidOut, taping, told, schools, needs }: Worked, teller: WallTeller): Plan {
  const { job, walls } = laidOut;
  const speech = speechOf(job);
  const [{ work, schedule }] = schools;
  const loads = loadsInTurn(schedule?.steps ?? [], walls);
  const whole = teller.whole(told, laidOut, taping, { steps: schedule?.steps ?? [], loads, own: work.own });
  return {
    format: "jacaranda-plan/1",
    walls: whole,
    paint: needs.paint.map(describePaint),
    ...describeMixes(laidOut.job, needs.paint),
    cost: needs.cost,
    rounds: describeRounds(laidOut, work),
    roundsProof: {
      count: Math.max(0, ...walls.map((wall) => wall.rounds.count)),
      least: Math.max(0, ...walls.map((wall) => wall.rounds.lowerBound)),
    },
    ...(schedule ? describeDays(schedule, work, loads, speech) : { work: null, steps: [], days: [] }),
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
    ...describeSets(job, whole, speech),
    ...describeBoards(job, work, schedule),
    ...(work.tables.length > 0 && { tables: describeTables(work, speech) }),
    findings: needs.findings.map((finding) => speakFinding(finding, speech)),
  };
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
