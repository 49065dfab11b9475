import type { Finding } from "../findings/finding";
import type { Speech } from "../findings/speech";
import { curveLength, type Curve } from "../geometry/curve";
import { schools, type School } from "../rounds/listPasses";
import { bundleTape } from "../sequence/bundleTape";
import { countSundries, type Sundry } from "../sequence/countSundries";
import { refuseClimate } from "../sequence/climate";
import { listSteps } from "../sequence/listSteps";
import { describeSundry, sundryNames } from "../sequence/sundries";
import { schedule, type Schedule } from "../sequence/schedule";
import type { WorkSite, WorkWall } from "../sequence/workSite";
import { isByHand } from "../tape/isCurved";
import { choosePeel, sealEdge } from "../tape/sealEdge";
import { totalTape, type TapeTotal } from "../tape/totalTape";
import { describeWork, waitingOf } from "./describeWork";
import type { OrderedWall, Progress } from "./orderWalls";
import { passesOf, tapeOfPass } from "./passes";
import type { Plan, PlanSundry, PlanWall } from "./planTypes";
import type { PlanSchool } from "./planDayTypes";
import type { Job } from "./schema";

/** Who does what when, and what the other school of rounds would cost; nothing where paint would not dry. */
export function planWork(
  job: Job,
  walls: readonly OrderedWall[],
  described: readonly PlanWall[],
  speech: Speech,
  progress: Progress,
): Pick<Plan, "work" | "steps" | "days" | "schools" | "sundries" | "tapeTotals"> & { findings: Finding[] } {
  const { temperature, humidity } = job.work;
  const refused = refuseClimate(job.work);
  const workWalls = walls.flatMap((wall, index) => (wall.laid ? [workOn(job, wall, described[index]!)] : []));
  const plans = inTurn(job).map((school, index) => {
    const site = siteOf(job, walls, workWalls, school);
    const steps = listSteps(site);
    const planned = refused || steps.length === 0 ? null : schedule(steps, job.work);
    const tape = totalTape(
      site.passes.flatMap((pass) => walls.flatMap((wall) => tapeOfPass(job, wall.tape, pass))),
    );
    progress((index + 1) / schools.length);
    return { school, site, steps, tape, schedule: planned };
  });
  const own = plans[0]!;
  return {
    ...(own.schedule ? describeWork(own.schedule, own.site, speech) : { work: null, steps: [], days: [] }),
    tapeTotals: own.tape.map(({ widthMm, runM, buyM, rolls, offcutM }) => ({
      width: widthMm,
      run_m: runM,
      buy_m: buyM,
      rolls,
      offcut_m: offcutM,
    })),
    sundries: describeSundries(job, countSundries(own.site, own.steps, own.tape), speech),
    schools: plans.map(describeSchool),
    findings: refused
      ? [
          {
            code: "room-climate",
            severity: "stop",
            at: null,
            values: { why: refused, temperature, humidity },
          },
        ]
      : [],
  };
}

/** The job's own school first. */
const inTurn = ({ school }: Job): School[] => [school, ...schools.filter((other) => other !== school)];

function siteOf(
  job: Job,
  walls: readonly OrderedWall[],
  workWalls: readonly WorkWall[],
  school: School,
): WorkSite {
  return {
    work: job.work,
    paints: job.paints,
    passes: passesOf(job, walls, school),
    sealsWet: job.edges.seal === "caulk",
    walls: workWalls,
  };
}

function workOn(
  job: Job,
  { wall, laid, surfaceM2, groups, tape }: OrderedWall,
  described: PlanWall,
): WorkWall {
  const { pattern, surface } = laid!;
  const lengthOf = (...contours: (readonly Curve[])[]) => {
    let sum = 0;
    for (const contour of contours) for (const curve of contour) sum += curveLength(curve);
    return sum;
  };
  return {
    wall,
    surfaceM2,
    edgeMm: lengthOf(surface.curves.map(({ curve }) => curve)),
    regions: pattern.regions.map(({ id, colour, face }, index) => ({
      id,
      colour,
      group: groups[index]!,
      areaM2: face.area / 1e6,
      edgeMm: lengthOf(face.outer, ...face.holes),
    })),
    tape: bundleTape(
      tape.filter((piece) => !isByHand(piece, job.edges)),
      groups,
      (piece) => sealEdge(piece, wall.texture, job.edges),
    ),
    marks: described.marks.length + described.checks.length,
    peel: choosePeel(wall.texture, job.edges).when,
  };
}

function describeSchool({
  school,
  site,
  tape,
  schedule: planned,
}: {
  school: School;
  site: WorkSite;
  tape: readonly TapeTotal[];
  schedule: Schedule | null;
}): PlanSchool {
  return {
    school,
    rounds: site.passes.length,
    tape_m: tape.reduce((sum, { buyM }) => sum + buyM, 0),
    rolls: tape.reduce((sum, { rolls }) => sum + rolls, 0),
    ...(planned ? waitingOf(planned, site) : { days: null, lastDay: null, minutes: null, waiting_min: null }),
  };
}

/** What is at hand comes off what is bought. */
function describeSundries({ supplies }: Job, sundries: readonly Sundry[], speech: Speech): PlanSundry[] {
  return sundries.map((sundry) => {
    const { item, count } = sundry;
    const { price = null, onHand = 0 } = supplies[item] ?? {};
    const buy = Math.max(0, count - onHand);
    const why = describeSundry(sundry, speech);
    return { item, name: sundryNames[item], why, count, onHand, buy, price, cost: buy * (price ?? 0) };
  });
}
