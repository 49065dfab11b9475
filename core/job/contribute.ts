import type { Finding } from "../findings/finding";
import type { School } from "../rounds/listPasses";
import { Keeping } from "../geometry/keeping";
import { workHoursOf } from "../sequence/workHours";
import { joinPulls } from "../tape/joinPulls";
import { isLittleLeft, totalTape, type TapeTotal } from "../tape/totalTape";
import { OverLimit } from "../trade/allowance";
import { tapeRollM } from "../trade/constants";
import { boardPaint, boardSundries, withBoards, type BoardWork } from "../work/boards/boardSteps";
import type { PaintUse, SundryUse, Table } from "../work/contribution";
import { mendSteps } from "../work/mend/mendSteps";
import { finishObject } from "../work/objects/finishObject";
import { standOn, type Access } from "../work/room/access";
import { finishWall } from "../work/room/finishWall";
import { mixPaints } from "../work/room/mixPaints";
import { inTurnOfBases } from "../work/room/besideBases";
import { paperLast } from "../work/room/paperLast";
import { prepareWall } from "../work/room/prepareWall";
import { protectRoom, putBack } from "../work/room/protectRoom";
import { roomSundries } from "../work/room/roomSundries";
import { washTools } from "../work/room/washTools";
import type { WorkInput, WorkWall } from "../work/workInput";
import { waitFor, type Step, type StepDraft } from "../work/step";
import { StepList } from "../work/stepList";
import type { ToolItem } from "../work/toolKinds";
import { equip, toolsFor, toolsToBuy } from "../work/tools";
import { listTapedSteps } from "../work/taped/tapedSteps";
import { carriedPast, coatedPaint, takenOnceMore, tapedSundries } from "../work/taped/tapedWork";
import { idsOf } from "../work/act";
import { boardsOf } from "./boardsOf";
import { contributionsOf, type OwnContribution } from "./contributionsOf";
import type { LaidOutJob } from "./orderedWall";
import { edgesInRounds, roundsOfJob } from "./roundsOfJob";

/** All that is done in a job, in one school of rounds. */
export interface JobWork {
  readonly school: School;
  readonly site: WorkInput;
  readonly drafts: readonly StepDraft[];
  /** Of a job that is under way: what of them is done once more. */
  readonly onceMore?: readonly StepDraft[];
  /** The drafts as they fit into days for one person, for two, up to the whole crew; none where they would be more than a plan may hold. */
  readonly crews: readonly (readonly Step[])[];
  /** What there is too much of. */
  readonly over: OverLimit | null;
  readonly tape: readonly TapeTotal[];
  /** What the work is done with, beside what it uses up. */
  readonly tools: readonly ToolItem[];
  readonly findings: readonly Finding[];
  /** What the finishes bring beside taped paint. */
  readonly own: readonly OwnContribution[];
  /** What walls are reached from that steps do not serve. */
  readonly access: readonly Access[];
  readonly tables: readonly (Table & { readonly finish: string })[];
  /** What is tried before it is decided. */
  readonly boards: readonly BoardWork[];
}

/**
 * What each technique and each finish brings to a job: room and walls made ready, taped paint, what finishes do beside it,
 * and what is left to do at the end.
 */
export function contribute(laidOut: LaidOutJob, walls: readonly WorkWall[], school: School): JobWork {
  const { job } = laidOut;
  const rounds = roundsOfJob(laidOut, school);
  const edges = edgesInRounds(laidOut, rounds);
  const site: WorkInput = {
    work: job.work,
    paints: new Map(job.paints.map((paint) => [paint.id, paint])),
    rounds,
    anew: job.anew ?? [],
    ...edges,
    tapes: job.edges.tapes,
    sealsWet: job.edges.seal === "caulk",
    walls,
  };
  const tape = tapeOf(site);
  const { drafts, own, access, boards, findings, over } = listWithin(laidOut, site);
  const { crews, over: overSteps } = addWithin(drafts, site);
  return {
    school,
    site,
    drafts,
    crews,
    over: over ?? overSteps,
    tape,
    tools: toolsFor(drafts),
    findings: [...findings, ...tape.filter(isLittleLeft).map(tapeLeft)],
    own,
    access,
    boards,
    tables: own.flatMap(({ finish, tables }) => tables.map((table) => ({ ...table, finish }))),
  };
}

export type Contribute = typeof contribute;

/** The same as long as nothing of the job is changed: what happens on it asks for no other work. */
export function keepContributed(): Contribute {
  const kept = new Keeping<JobWork>();
  return (laidOut, walls, school) =>
    kept.answer(school, laidOut.job, () => contribute(laidOut, walls, school));
}

/** The tape of a site, and of what of it is laid once more. */
export function tapeOf(site: WorkInput, onceMore: readonly StepDraft[] = []): TapeTotal[] {
  const { baseMasks, laid, rounds, tapeIds, tapes } = site;
  const again = new Set(onceMore.flatMap((step) => idsOf(step, "tape", "mask")));
  const inTurn = [...tapeIds].flatMap(([wall, ids]) =>
    [baseMasks.get(wall) ?? [], ...(laid.get(wall) ?? [])].map((pieces, turn) =>
      pieces.filter((_, place) => again.has(ids[turn]![place]!)),
    ),
  );
  const pieces = [
    ...[...baseMasks.values()].flatMap(joinPulls),
    ...rounds.flatMap((_, place) => [...laid.values()].flatMap((wall) => joinPulls(wall[place]!))),
    ...(again.size > 0 ? inTurn.flatMap(joinPulls) : []),
  ];
  return totalTape(pieces, tapes);
}

/** What all that is done uses: paint by wall, and what is bought beside it. */
export const usesOf = (
  { site, drafts, onceMore = [], crews, tape, tools, own, boards }: JobWork,
  notOwned: readonly ToolItem[],
): {
  readonly paint: readonly PaintUse[];
  readonly sundries: readonly SundryUse[];
} => ({
  paint: [
    ...coatedPaint(site),
    ...carriedPast(site, drafts),
    ...takenOnceMore(site, onceMore),
    ...own.flatMap(({ paint }) => paint),
    ...boardPaint(boards),
  ],
  sundries: [
    ...tapedSundries(site, tape),
    ...roomSundries(site, isWorked({ crews }) ? drafts : []),
    ...own.flatMap(({ sundries }) => sundries),
    ...boardSundries(boards),
    ...toolsToBuy(tools, notOwned),
  ],
});

interface Drafts {
  readonly drafts: readonly StepDraft[];
  /** What the finishes bring beside taped paint. */
  readonly own: readonly OwnContribution[];
  readonly access: readonly Access[];
  readonly boards: readonly BoardWork[];
  readonly findings: readonly Finding[];
}

const noDrafts: Drafts = { drafts: [], own: [], access: [], boards: [], findings: [] };

/** What is done on the walls that are worked on, each step after those that it waits for. */
function draftSteps(laidOut: LaidOutJob, whole: WorkInput): Drafts {
  const walls = whole.walls.filter(({ isWorkedOn }) => isWorkedOn);
  const site = { ...whole, walls };
  if (walls.length === 0) return noDrafts;
  const taped = listTapedSteps(site);
  const own = contributionsOf(laidOut, site, taped);
  const steps = paperLast([
    ...protectRoom(walls),
    ...inTurnOfBases(walls).flatMap((wall) => prepareWall(wall, site)),
    ...taped.steps,
    ...own.flatMap((contribution) => contribution.steps),
  ]);
  steps.push(...washTools(steps, site));
  // What a finish has masked is off before marks are rubbed out.
  const unmasked = own
    .flatMap((contribution) => contribution.steps)
    .filter(({ phase }) => phase === "unmask");
  const mends = mendSteps(laidOut.job.mends ?? [], walls, site);
  steps.push(...mends);
  const ready = ({ wall: { id } }: WorkWall) => [
    ...(taped.ready.get(id) ?? []),
    ...mends.flatMap((step) => (step.wall === id ? [waitFor(step.id)] : [])),
    ...unmasked.flatMap((step) => (step.wall === id ? [waitFor(step.id)] : [])),
  ];
  steps.push(...walls.flatMap((wall) => finishWall(wall, site, steps, ready(wall))));
  const objects = walls.flatMap((wall) => finishObject(wall, site, steps));
  steps.push(...objects, ...washTools(objects, site));
  const stood = standOn(steps, walls);
  const boards = boardsOf(laidOut, stood.steps);
  const decided = withBoards(mixPaints(stood.steps, site.paints), boards, site);
  const all = [...decided, ...putBack(walls, stood.steps)];
  const { access } = stood;
  return {
    drafts: saidOnce(equip(all, site)),
    own,
    access,
    boards,
    findings: [...taped.findings, ...access.map(needsAccess)],
  };
}

const tapeLeft = ({ widthMm, rolls, buyM }: TapeTotal): Finding => ({
  code: "tape-little-left",
  severity: "note",
  values: { widthMm, rolls, leftM: rolls * tapeRollM - buyM },
  at: null,
});

const needsAccess = ({ wall, minutes }: Access): Finding => ({
  code: "needs-access",
  severity: "check",
  values: { wall, minutes },
  at: null,
});

/** What holds for the whole house is said once, where it bites first. */
const onceAJob = new Set(["care-lead"]);

function saidOnce(steps: readonly StepDraft[]): StepDraft[] {
  const told = new Set<string>();
  return steps.map((step) => {
    const cautions = step.cautions.filter(({ code }) => !told.has(code));
    for (const { code } of cautions) if (onceAJob.has(code)) told.add(code);
    return cautions.length === step.cautions.length ? step : { ...step, cautions };
  });
}

function listWithin(laidOut: LaidOutJob, site: WorkInput): Drafts & { readonly over: OverLimit | null } {
  try {
    return { ...draftSteps(laidOut, site), over: null };
  } catch (error) {
    if (!(error instanceof OverLimit)) throw error;
    return { ...noDrafts, over: error };
  }
}

/** Whether there is anything to do. */
export const isWorked = ({ crews }: Pick<JobWork, "crews">): boolean => (crews[0]?.length ?? 0) > 0;

function addWithin(drafts: readonly StepDraft[], { work }: WorkInput): Pick<JobWork, "crews" | "over"> {
  try {
    const crews = Array.from({ length: work.crew }, (_, index) => {
      const list = new StepList(workHoursOf(work), index + 1);
      for (const draft of drafts) list.add(draft);
      return list.steps;
    });
    return { crews, over: null };
  } catch (error) {
    if (!(error instanceof OverLimit)) throw error;
    return { crews: [], over: error };
  }
}
