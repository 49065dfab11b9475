import { finishOf } from "../finishes/registry";
import { isSame, subjectOf, type Subject } from "../findings/subject";
import { toldOf } from "../journal/defineKind";
import type { Happened } from "../journal/happened";
import { decided, type AgreedPaint } from "../journal/kinds/decided";
import type { Paint } from "../paint/schema";
import type { PlanDecision } from "../plan/planSetTypes";
import type { Job } from "./schema";

/** What is agreed with a yes to something: its paints as they are by then. Kept with the word that was given. */
export function agreedOf(job: Job, [kind, id]: Subject): AgreedPaint[] {
  const ids = new Set(paintsOf(job, kind, id));
  return job.paints.filter((paint) => ids.has(paint.id)).map(asAgreed);
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

const asAgreed = ({ id, hex, material, sheen, coats, mix }: Paint): AgreedPaint => ({
  paint: id,
  hex,
  material,
  sheen,
  coats,
  ...(mix && { recipe: recipeOf(mix) }),
});

const recipeOf = ({ parts }: NonNullable<Paint["mix"]>): string =>
  parts.map((part) => `${part.parts} ${"paint" in part ? part.paint : "water"}`).join(" : ");

const whats = ["hex", "material", "sheen", "coats", "recipe"] as const;

/** What of the last yes to something is no longer as it was agreed. */
export function changedSince(job: Job, happened: Happened, subject: Subject): PlanDecision["changed"] {
  const said = toldOf(happened, decided)
    .filter(({ of }) => isSame(subjectOf(of), subject))
    .at(-1);
  if (!said?.agreed || said.of.refused === true) return [];
  const used = usedIn(job);
  return said.agreed.flatMap((then) => {
    const paint = job.paints.find(({ id }) => id === then.paint);
    if (!paint || !used.has(then.paint))
      return [{ paint: then.paint, what: "pattern", told: "in it", now: "no longer" }];
    const now = asAgreed(paint);
    return whats
      .filter((what) => now[what] !== then[what])
      .map((what) => ({
        paint: then.paint,
        what,
        told: String(then[what] ?? "none"),
        now: String(now[what] ?? "none"),
      }));
  });
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
