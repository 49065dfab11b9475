import { changedSince, paintsOfSubject } from "./agreed";
import { toldOf } from "../journal/defineKind";
import type { Happened, Kept, Told } from "../journal/happened";
import { decided, type Decided } from "../journal/kinds/decided";
import { sample } from "../journal/kinds/sample";
import { lights, sampleLook, type SampleLight } from "../journal/kinds/sampleLook";
import { isSame, subjectOf, type Subject } from "../findings/subject";
import type { Paint } from "../paint/schema";
import type { PlanDecision } from "../plan/planSetTypes";
import type { Plan } from "../plan/planTypes";
import { usualSizes } from "../work/boards/schema";
import type { Job } from "./schema";

type Laid = Pick<Plan, "steps" | "batches">;
type Made = ReturnType<(typeof sample)["payload"]["parse"]>;
type Word = Kept<Decided>;
type Look = Kept<ReturnType<(typeof sampleLook)["payload"]["parse"]>>;

/** What was told that has to do with decisions. */
interface Heard {
  readonly made: readonly Made[];
  readonly words: readonly Word[];
  /** Of the client. */
  readonly looks: readonly Look[];
}

/**
 * How each set stands, and whatever else boards were made of or was decided: a no counts at once, a yes needs every light. What was
 * said last counts, and of sets the one that was taken last: a pattern has one set of colours.
 */
export function decisionsOf(job: Job, happened: Happened, plan: Laid): PlanDecision[] {
  const heard: Heard = {
    // Told anew, a board hangs where it was told last.
    made: [...new Map(toldOf(happened, sample).map((made) => [made.board, made])).values()],
    words: toldOf(happened, decided),
    looks: toldOf(happened, sampleLook).filter(({ who }) => who === "client"),
  };
  const subjects: Subject[] = job.sets.map(({ id }): Subject => ["set", id]);
  for (const { of } of [...job.boards, ...heard.made, ...heard.words]) {
    const subject = subjectOf({ ...of });
    if (subject && !subjects.some((known) => isSame(known, subject))) subjects.push(subject);
  }
  return subjects.map((subject) => decisionOn(subject, job, heard, plan));
}

function decisionOn(subject: Subject, job: Job, { made, words, looks }: Heard, plan: Laid): PlanDecision {
  const isOn = ({ of }: { readonly of: object }) => isSame(subject, subjectOf({ ...of }));
  const own = made.filter(isOn);
  const ids = new Set([...own.map(({ board }) => board), ...job.boards.filter(isOn).map(({ id }) => id)]);
  const seen = looks.filter(({ board }) => ids.has(board));
  const said = standsYet(words.filter(isOn).at(-1), words);
  const no = seen.filter(({ verdict }) => verdict === "no").at(-1);
  const isNoLast = no !== undefined && (!said || isLater(no.told, said.told));
  const word = isNoLast ? { words: no.words, name: "", of: {} as Word["of"] } : said;
  const changed = isNoLast || !said ? [] : changedSince(job, said, plan);
  const cautions = own.flatMap((board) => cautionsOf(board, paintsOfSubject(job, subject)));
  return {
    of: { [subject[0]]: subject[1] },
    standing: isNoLast || said?.of.refused === true ? "refused" : said ? "agreed" : "open",
    missing: lights.filter((light) => !isYes(seen, light)),
    ...(word?.words && { words: word.words }),
    ...(word?.name && { name: word.name }),
    ...(typeof word?.of.called === "string" && { called: word.of.called }),
    ...(own.length > 0 && { boards: own.map(hangingOf) }),
    ...(cautions.length > 0 && { cautions }),
    ...(changed.length > 0 && { changed }),
  };
}

const isYesToSet = ({ of }: Word): boolean => subjectOf(of)?.[0] === "set" && of.refused !== true;

/** A yes to a set stands until another one is taken. */
const standsYet = (said: Word | undefined, words: readonly Word[]): Word | undefined =>
  said && isYesToSet(said) && words.findLast(isYesToSet) !== said ? undefined : said;

const hangingOf = ({ board, size = [...usualSizes.board], wall, place }: Made) => ({
  board,
  size,
  ...(wall !== undefined && place && { wall, at: place }),
});

/** What a board cannot have told: by its paint, its coats and its sheen, beside what the wall gets. */
function cautionsOf({ board, grade, coats, sheen }: Made, paints: readonly Paint[]): string[] {
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
