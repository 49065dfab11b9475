import { differenceOf, labOf, likenessOf } from "../colour/difference";
import type { ColourSet } from "../colour/schema";
import { finishOf } from "../finishes/registry";
import type { Subject } from "../findings/subject";
import type { AgreedPaint, Decided } from "../journal/kinds/decided";
import type { Paint } from "../paint/schema";
import type { PlanDecision } from "../plan/planSetTypes";
import type { Plan, PlanBatch } from "../plan/planTypes";
import { allSundries, sundryName } from "./allSundries";
import type { Job } from "./schema";

/** The plan as far as it says how paints go on, and of which batches. */
type Laid = Pick<Plan, "steps" | "batches">;

/**
 * What is agreed with a yes to something: its paints as they are by then, with the last batch of each and the tools that leave their
 * look in it. Kept with the word that was given.
 */
export function agreedOf(job: Job, subject: Subject, plan: Laid): AgreedPaint[] {
  const [kind, id] = subject;
  const set = kind === "set" ? job.sets.find((one) => one.id === id) : undefined;
  return paintsOfSubject(job, subject).map((paint) => asAgreed(paint, standsFor(paint.id, set), plan));
}

/** The paints that something is of. */
export function paintsOfSubject(job: Job, [kind, id]: Subject): Paint[] {
  const ids = new Set(paintsOf(job, kind, id));
  return job.paints.filter((paint) => ids.has(paint.id));
}

/** The paints of the pattern in whose place one stands in a set: itself, where nothing stands in its own. */
function standsFor(paint: string, set: ColourSet | undefined): string[] {
  const replaced = Object.entries(set?.paints ?? {});
  const others = replaced.flatMap(([slot, own]) => (own === paint ? [slot] : []));
  return replaced.some(([slot]) => slot === paint) ? others : [paint, ...others];
}

function paintsOf(job: Job, kind: string, id: string): string[] {
  if (kind === "set") return Object.values(job.sets.find((set) => set.id === id)?.paints ?? {});
  if (kind === "paint" || kind === "mix") return [id];
  const finish = kind === "finish" ? job.finishes.find((one) => one.id === id) : undefined;
  return finish
    ? finishOf(finish.kind)
        .paints(finish)
        .map((one) => one.id)
    : [];
}

/** Laid on with what lays on those in whose place it stands. */
function asAgreed(
  { id, hex, material, sheen, coats, mix }: Paint,
  places: readonly string[],
  plan: Laid,
): AgreedPaint {
  const tools = toolsOf(places, plan);
  const batch = lastBatch(id, plan);
  return {
    ...{ paint: id, hex, material, sheen, coats },
    ...(mix && { recipe: recipeOf(mix) }),
    ...(tools.length > 0 && { tools }),
    ...(batch && { batch: batch.n }),
  };
}

const recipeOf = ({ parts }: NonNullable<Paint["mix"]>): string =>
  parts.map((part) => `${part.parts} ${"paint" in part ? part.paint : "water"}`).join(" : ");

/** What leaves its look in paints on the walls, in the order of their names. */
function toolsOf(paints: readonly string[], { steps }: Laid): string[] {
  const used = new Set(
    steps.flatMap(({ does }) =>
      does.flatMap((one) => (paints.includes(one.with ?? "") && one.of !== "board" ? (one.tools ?? []) : [])),
    ),
  );
  return [...used].filter((item) => allSundries[item]?.leavesLook).sort();
}

const lastBatch = (paint: string, { batches = [] }: Laid): PlanBatch | undefined =>
  batches.filter(({ mix }) => mix === paint).sort((a, b) => b.n - a.n)[0];

const whats = ["hex", "material", "sheen", "coats", "recipe"] as const;
type Changed = NonNullable<PlanDecision["changed"]>[number];

/** What of a yes is no longer as it was agreed. */
export function changedSince(job: Job, said: Pick<Decided, "of" | "agreed">, plan: Laid): Changed[] {
  if (!said.agreed || said.of.refused === true) return [];
  const used = usedIn(job);
  return said.agreed.flatMap((then): Changed[] => {
    const paint = job.paints.find(({ id }) => id === then.paint);
    if (!paint || !used.has(then.paint))
      return [{ paint: then.paint, what: "pattern", told: "in it", now: "no longer" }];
    const now = asAgreed(paint, [paint.id], plan);
    const changed = whats
      .filter((what) => now[what] !== then[what])
      .map((what) => ({ what, told: String(then[what] ?? "none"), now: String(now[what] ?? "none") }));
    return [...changed, ...toolsChanged(then, now, job), ...batchChanged(then, plan)].map((one) => ({
      paint: then.paint,
      ...one,
    }));
  });
}

type What = Omit<Changed, "paint">;

/**
 * What a paint was agreed to be laid on with and is no more. What comes beside it is none: a set that is taken puts a paint in more places
 * than it was in. One that is not laid on at all is told as gone from the pattern.
 */
function toolsChanged(then: AgreedPaint, now: AgreedPaint, { units }: Job): What[] {
  const gone = now.tools ? (then.tools ?? []).filter((item) => !now.tools!.includes(item)) : [];
  if (gone.length === 0) return [];
  const named = (items: readonly string[]) => items.map((item) => sundryName(item, units)).join(" and ");
  return [{ what: "tools", told: named(gone), now: named(now.tools!) }];
}

/** A later batch that dried to another colour than the one that was agreed. */
function batchChanged(then: AgreedPaint, plan: Laid): What[] {
  const agreed = plan.batches?.find(({ mix, n }) => mix === then.paint && n === then.batch);
  const last = lastBatch(then.paint, plan);
  if (!agreed?.dry || !last?.dry || last.n <= agreed.n) return [];
  const off = differenceOf(labOf(agreed.dry), labOf(last.dry));
  if (likenessOf(off) === "cannot be told apart") return [];
  return [{ what: "batch", told: `batch ${agreed.n}`, now: `batch ${last.n}, ${off.toFixed(1)} off it` }];
}

/** Paints that stand anywhere in the pattern, in what they are mixed of, or in a set that is yet to be taken. */
function usedIn(job: Job): ReadonlySet<string> {
  return new Set([
    ...job.walls.flatMap(({ base, primer, object }) => [base, primer ?? "", object?.varnish ?? ""]),
    ...job.finishes.flatMap((finish) =>
      finishOf(finish.kind)
        .paints(finish)
        .map(({ id }) => id),
    ),
    ...job.sets.flatMap(({ paints }) => Object.values(paints)),
    ...job.paints.flatMap(({ mix }) =>
      (mix?.parts ?? []).flatMap((part) => ("paint" in part ? [part.paint] : [])),
    ),
  ]);
}
