import { toldOf } from "../journal/defineKind";
import type { Happened, Kept } from "../journal/happened";
import { looked } from "../journal/kinds/looked";
import { formatMoment } from "../journal/moment";
import type { WorkItem } from "../journal/limits";
import type { PlanGate, PlanStep } from "../plan/planDayTypes";
import { workToTell } from "../plan/workOfStep";
import type { Act } from "../work/act";
import { keysOf } from "../work/keys";
import type { Job } from "./schema";

const covering: ReadonlySet<Act> = new Set<Act>(["seal", "coat", "base", "prime", "print", "varnish"]);
const coating: ReadonlySet<Act> = new Set<Act>(["coat", "base", "prime"]);
const taping: ReadonlySet<Act> = new Set<Act>(["tape", "mask"]);
const peeling: ReadonlySet<Act> = new Set<Act>(["peel", "unmask"]);

/**
 * What somebody looks at before what comes next is begun: tape before paint, a seal before what goes over it, a coat before the next one
 * or before its tape comes off, and what was made to be looked at, by the steps that it waits for. What was found good is not asked again; "not yet" is, with when that was said.
 */
export function gatesOf(steps: readonly PlanStep[], job: Job, happened: Happened): PlanGate[] {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const told = toldOf(happened, looked);
  const found = new Map<string, PlanGate>();
  for (let person = 1; person <= job.work.crew; person++) {
    const step = nextWorkOf(person, steps);
    if (!step || step.state === "running") continue;
    for (const wait of step.waitsFor) {
      const before = byId.get(wait.step);
      const gate = before?.state === "done" ? gateBetween(before, step, job) : null;
      if (!before || !gate) continue;
      const answer = answerFor(gate.work, told);
      if (answer && answer.verdict !== "stop") continue;
      // What is looked at alike on one wall is asked once.
      const key = `${gate.gate} ${gate.wall ?? ""} ${gate.gate === "ground-shows" ? gate.of : ""}`;
      const same = found.get(key);
      if (same?.of === gate.of) continue;
      found.set(key, {
        ...gate,
        work: [...(same?.work ?? []), ...gate.work],
        step: step.id,
        ...(answer && { notYet: formatMoment(answer.told.at.day, answer.told.at.minutes) }),
      });
    }
  }
  return [...found.values()];
}

/** What somebody works at next, or is at; setting up for it is no work on a wall. */
function nextWorkOf(person: number, steps: readonly PlanStep[]): PlanStep | undefined {
  const isFrame = ({ does }: PlanStep) => does.every(({ act }) => act === "set-up" || act === "close");
  const own = steps.filter(
    (step) => step.state !== "done" && !isFrame(step) && (step.people ?? [step.person]).includes(person),
  );
  return own.find(({ state }) => state === "running") ?? own.toSorted((a, b) => a.start - b.start)[0];
}

type Asked = Omit<PlanGate, "step" | "notYet">;

/** What is looked at when one step is done and another comes; null where nothing needs to be. */
function gateBetween(before: PlanStep, step: PlanStep, { paints, walls }: Job): Asked | null {
  const wall = walls.find(({ id }) => id === before.wall);
  const on = wall ? ` on ${wall.name ?? wall.id}` : "";
  const does = (one: PlanStep, acts: ReadonlySet<Act>) => one.does.some(({ act }) => acts.has(act));
  const workOf = (acts: ReadonlySet<Act>) =>
    workToTell({ ...before, does: before.does.filter(({ act }) => acts.has(act)) });
  const asked = (gate: PlanGate["gate"], work: WorkItem[], ask: string): Asked => ({
    gate,
    of: before.id,
    ...(before.wall !== undefined && { wall: before.wall }),
    work,
    ask,
  });
  const paint = paints.find(({ id }) => id === before.colour)?.name ?? before.colour ?? "the coat";
  if (before.gate !== undefined && wall)
    return before.gate === "client"
      ? asked(
          "client",
          workToTell(before),
          `The client looks at what was begun${on}, from the doorway and with the sample beside it: may the rest be like that?`,
        )
      : asked(
          "trial",
          workToTell(before),
          `Look at what was tried${on}: may the rest go on as it is planned?`,
        );
  if (does(before, taping) && does(step, covering))
    return asked(
      "tape-check",
      workOf(taping),
      `Run a thumb along every edge of tape${on}: is all of it on, and pressed down?`,
    );
  if (does(before, new Set(["seal"])) && does(step, covering) && before.wall === step.wall)
    return asked(
      "seal-dry",
      workOf(new Set(["seal"])),
      `Touch the seal along the tape${on}: is it dry, and not tacky?`,
    );
  const isNextOf = does(step, coating) && step.colour === before.colour && step.wall === before.wall;
  const isLastOf = does(step, peeling) && before.wall === step.wall;
  if (does(before, coating) && (isNextOf || isLastOf))
    return asked(
      "ground-shows",
      workOf(coating),
      `Look at ${paint}${on} from where people stand, with the lamp along it: is it even, or does the ground show?`,
    );
  return null;
}

/** What was said last of any of some work. */
function answerFor(
  work: readonly WorkItem[],
  told: readonly Kept<{ work: readonly WorkItem[]; verdict: string }>[],
) {
  const own = new Set(keysOf(work));
  return told.findLast((one) => keysOf(one.work).some((key) => own.has(key)));
}
