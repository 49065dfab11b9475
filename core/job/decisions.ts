import { agreedOf, changedSince } from "./agreed";
import { toldOf } from "../journal/defineKind";
import type { Happened, Told } from "../journal/happened";
import { decided, type AgreedPaint } from "../journal/kinds/decided";
import { sample } from "../journal/kinds/sample";
import { lights, sampleLook, type SampleLight } from "../journal/kinds/sampleLook";
import { isSame, subjectOf, type Subject } from "../findings/subject";
import type { PlanDecision } from "../plan/planSetTypes";
import type { Plan } from "../plan/planTypes";
import { usualSizes } from "../work/boards/schema";
import type { Job } from "./schema";

/**
 * How each set stands, and whatever else boards were made of or was decided: a no counts at once, a yes needs every light. What was
 * said last counts: a refusal is open again once it is decided otherwise.
 */
export function decisionsOf(
  job: Job,
  happened: Happened,
  plan: Pick<Plan, "steps" | "batches">,
): PlanDecision[] {
  // Told anew, a board hangs where it was told last.
  const last = new Map(toldOf(happened, sample).map((made) => [made.board, made]));
  const boards = [...last.values()].flatMap((made) => {
    const subject = subjectOf(made.of);
    return subject ? [{ made, subject }] : [];
  });
  const told = toldOf(happened, decided).flatMap((one) => {
    const subject = subjectOf(one.of);
    return subject ? [{ ...one, subject }] : [];
  });
  const subjects: Subject[] = job.sets.map(({ id }): Subject => ["set", id]);
  const planned = job.boards.flatMap(({ of }) => {
    const subject = subjectOf(of);
    return subject ? [subject] : [];
  });
  for (const subject of [...planned, ...[...boards, ...told].map((one) => one.subject)])
    if (!subjects.some((known) => isSame(known, subject))) subjects.push(subject);
  const looks = toldOf(happened, sampleLook).filter(({ who }) => who === "client");
  return subjects.map((subject) => {
    const own = boards.filter((one) => isSame(subject, one.subject));
    const ids = new Set([
      ...own.map(({ made }) => made.board),
      ...job.boards.flatMap(({ id, of }) => (isSame(subject, subjectOf(of)) ? [id] : [])),
    ]);
    const seen = looks.filter(({ board }) => ids.has(board));
    const said = told.filter((one) => isSame(subject, one.subject)).at(-1);
    const no = seen.filter(({ verdict }) => verdict === "no").at(-1);
    const isNoLast = no !== undefined && (!said || isLater(no.told, said.told));
    const word = isNoLast ? { words: no.words, name: "" } : said;
    const changed = isNoLast ? [] : changedSince(job, happened, subject, plan);
    const cautions = own.flatMap(({ made }) => cautionsOf(made, agreedOf(job, subject, plan)));
    return {
      of: { [subject[0]]: subject[1] },
      standing: isNoLast || said?.of.refused === true ? "refused" : said ? "agreed" : "open",
      missing: lights.filter((light) => !isYes(seen, light)),
      ...(word?.words && { words: word.words }),
      ...(word?.name && { name: word.name }),
      ...(!isNoLast && typeof said?.of.called === "string" && { called: said.of.called }),
      ...(own.length > 0 && { boards: own.map(({ made }) => hangingOf(made)) }),
      ...(cautions.length > 0 && { cautions }),
      ...(changed && changed.length > 0 && { changed }),
    };
  });
}

type Made = ReturnType<(typeof sample)["payload"]["parse"]>;

const hangingOf = ({ board, size = [...usualSizes.board], wall, place }: Made) => ({
  board,
  size,
  ...(wall !== undefined && place && { wall, at: place }),
});

/** What a board cannot have told: by its paint, its coats and its sheen, beside what the wall gets. */
function cautionsOf({ board, grade, coats, sheen }: Made, paints: readonly AgreedPaint[]): string[] {
  const others = [...new Set(paints.map((paint) => paint.sheen))].filter((own) => own !== sheen);
  const most = Math.max(0, ...paints.map((paint) => Math.min(2, paint.coats)));
  return [
    ...(grade === "sample"
      ? [`${board} was of sample paint: its hue can be agreed, and not its sheen or how it covers.`]
      : []),
    ...(coats !== undefined && coats < most
      ? [`${board} had ${coats} ${coats === 1 ? "coat" : "coats"}; the wall gets ${most} or more.`]
      : []),
    ...(sheen !== undefined && others.length > 0
      ? [`${board} was ${sheen}; the wall's paint is ${others.join(", ")}.`]
      : []),
  ];
}

const isLater = (one: Told, other: Told): boolean => one.at.instant > other.at.instant;

/** What was said in a light last. */
const isYes = (
  looks: readonly { readonly light: SampleLight; readonly verdict: string }[],
  light: SampleLight,
): boolean => looks.filter((look) => look.light === light).at(-1)?.verdict === "yes";
