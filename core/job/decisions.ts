import { toldOf } from "../journal/defineKind";
import type { Happened, Told } from "../journal/happened";
import { decided } from "../journal/kinds/decided";
import { sample } from "../journal/kinds/sample";
import { lights, sampleLook, type SampleLight } from "../journal/kinds/sampleLook";
import { subjectOf, type Subject } from "../journal/subject";
import type { PlanDecision } from "../plan/planSetTypes";
import type { Job } from "./schema";

const isSame = ([kind, id]: Subject, other: Subject | null): boolean =>
  other?.[0] === kind && other[1] === id;

/**
 * How each set stands, and whatever else boards were made of or was decided: a no counts at once, a yes needs every light. What was
 * said last counts: a refusal is open again once it is decided otherwise.
 */
export function decisionsOf(job: Pick<Job, "sets">, happened: Happened): PlanDecision[] {
  const boards = toldOf(happened, sample).flatMap(({ board, of }) => {
    const subject = subjectOf(of);
    return subject ? [{ board, subject }] : [];
  });
  const told = toldOf(happened, decided).flatMap((one) => {
    const subject = subjectOf(one.of);
    return subject ? [{ ...one, subject }] : [];
  });
  const subjects: Subject[] = job.sets.map(({ id }): Subject => ["set", id]);
  for (const { subject } of [...boards, ...told])
    if (!subjects.some((known) => isSame(known, subject))) subjects.push(subject);
  const looks = toldOf(happened, sampleLook).filter(({ who }) => who === "client");
  return subjects.map((subject) => {
    const own = boards.filter((one) => isSame(subject, one.subject)).map(({ board }) => board);
    const seen = looks.filter(({ board }) => own.includes(board));
    const said = told.filter((one) => isSame(subject, one.subject)).at(-1);
    const no = seen.filter(({ verdict }) => verdict === "no").at(-1);
    const isNoLast = no !== undefined && (!said || isLater(no.told, said.told));
    const last = isNoLast ? { words: no.words, name: "" } : said;
    return {
      of: { [subject[0]]: subject[1] },
      standing: isNoLast || said?.of.refused === true ? "refused" : said ? "agreed" : "open",
      missing: lights.filter((light) => !isYes(seen, light)),
      ...(last?.words && { words: last.words }),
      ...(last?.name && { name: last.name }),
    };
  });
}

const isLater = (one: Told, other: Told): boolean => one.at.instant > other.at.instant;

/** What was said in a light last. */
const isYes = (
  looks: readonly { readonly light: SampleLight; readonly verdict: string }[],
  light: SampleLight,
): boolean => looks.filter((look) => look.light === light).at(-1)?.verdict === "yes";
